package jomble.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.access.SecurityLog;
import jomble.server.limit.Limits;
import jomble.server.problem.ProblemException;
import jomble.server.studio.StudioMember;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@Requires(Right.READ_STUDIO)
@RequestMapping("/api/v1/session")
class SessionController {
    private final AccountService accounts;
    private final Limits limits;
    private final SecurityContextRepository contexts;
    private final SecurityLog log;
    private final Clock clock;

    SessionController(
            AccountService accounts, Limits limits, SecurityContextRepository contexts, SecurityLog log, Clock clock) {
        this.log = log;
        this.accounts = accounts;
        this.limits = limits;
        this.contexts = contexts;
        this.clock = clock;
    }

    record Credentials(
            @NotBlank @Size(max = 254) String email,
            @NotBlank @Size(max = 200) String password) {}

    /** @param now the server's time, from which pages tell the day where they are shown */
    record SessionView(String name, String studio, String currency, Instant now) {}

    /** Signs in with e-mail and password; the session is a cookie. */
    @Requires(Right.PUBLIC)
    @PostMapping
    SessionView signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        String account = AccountService.folded(credentials.email());
        String address = request.getRemoteAddr();
        StudioMember member = limits.signIn(
                        account,
                        address,
                        accounts.isKnown(account, address),
                        () -> accounts.signIn(account, credentials.password()))
                .orElseThrow(() -> refused(account, address));
        accounts.know(member.accountId(), address);
        if (request.getSession(false) != null) {
            request.getSession(false).invalidate();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new MemberAuthentication(member));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return current(member);
    }

    private ProblemException refused(String account, String address) {
        log.signInFailed(accounts.idOf(account), address);
        return ProblemException.unauthorized();
    }

    /** Who is signed in, and in which studio. */
    @GetMapping
    SessionView current(@AuthenticationPrincipal StudioMember member) {
        return new SessionView(member.name(), member.studio(), member.currency(), clock.instant());
    }

    /** Signs out. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        SecurityContextHolder.clearContext();
        if (request.getSession(false) != null) {
            request.getSession(false).invalidate();
        }
    }
}
