package jomble.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends a session a week after it began, however much it is used, and at once when its account was changed or deleted.
 */
final class SessionEndFilter extends OncePerRequestFilter {
    private static final long LONGEST_MILLIS = Duration.ofDays(7).toMillis();

    private final AccountService accounts;

    SessionEndFilter(AccountService accounts) {
        this.accounts = accounts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null
                && SecurityContextHolder.getContext().getAuthentication() instanceof MemberAuthentication who
                && who.getPrincipal().accountId() != null
                && (isTooOld(session) || !accounts.isStill(who.getPrincipal()))) {
            SecurityContextHolder.clearContext();
            session.invalidate();
        }
        chain.doFilter(request, response);
    }

    private static boolean isTooOld(HttpSession session) {
        return System.currentTimeMillis() - session.getCreationTime() > LONGEST_MILLIS;
    }

    /** Static files need no session. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }
}
