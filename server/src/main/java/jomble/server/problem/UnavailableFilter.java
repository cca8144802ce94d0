package jomble.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.Set;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers 503 while the database is unavailable: with a problem for programs, with a page that reloads itself for
 * browsers. Runs before everything that reads the session.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class UnavailableFilter extends OncePerRequestFilter {
    static final String SENTENCE =
            "The database cannot be reached at the moment. What was shown as saved is safe; try again in a few seconds.";

    /** Classes 08 (connection), 57 and 70 (shutdown, interrupted) of SQLSTATE. */
    private static final Set<String> CONNECTION = Set.of("08", "57", "70");

    private static final Set<String> HEALTH = Set.of("/healthz", "/readyz");
    private static final String RETRY_SECONDS = "5";
    private static final Logger LOG = LoggerFactory.getLogger(UnavailableFilter.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(HEALTH.contains(request.getRequestURI()) ? withoutSession(request) : request, response);
        } catch (ServletException | RuntimeException e) {
            if (!isDatabaseAway(e) || response.isCommitted()) {
                throw e;
            }
            LOG.warn("the database cannot be reached: {}", e.getMessage());
            response.reset();
            tell(request, response);
        }
    }

    /** Health checks must not read the session, which is in the database. */
    private static HttpServletRequest withoutSession(HttpServletRequest request) {
        return new HttpServletRequestWrapper(request) {
            @Override
            public Cookie[] getCookies() {
                return null;
            }
        };
    }

    /**
     * Whether a failure is due to a lost or failed database connection: it, what caused it, or what it hides. A
     * connection lost in a transaction fails once more when that is rolled back, and the second failure says nothing of
     * the first.
     */
    static boolean isDatabaseAway(Throwable failure) {
        Set<Throwable> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<Throwable> left = new ArrayDeque<>();
        left.add(failure);
        while (!left.isEmpty()) {
            Throwable one = left.poll();
            if (!seen.add(one)) {
                continue;
            }
            if (one instanceof SQLException sql && isLost(sql)) {
                return true;
            }
            Stream.of(one.getSuppressed()).forEach(left::add);
            Stream.ofNullable(one.getCause()).forEach(left::add);
            if (one instanceof TransactionSystemException transaction) {
                Stream.ofNullable(transaction.getApplicationException()).forEach(left::add);
            }
        }
        return false;
    }

    private static boolean isLost(SQLException sql) {
        String state = sql.getSQLState();
        return sql instanceof SQLTransientConnectionException
                || sql instanceof SQLNonTransientConnectionException
                || state != null && state.length() > 1 && CONNECTION.contains(state.substring(0, 2))
                // What the connection pool says of one that it has closed because it was lost.
                || state == null && "Connection is closed".equals(sql.getMessage());
    }

    private static void tell(HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        String accepts = request.getHeader(HttpHeaders.ACCEPT);
        if (accepts != null && accepts.contains(MediaType.TEXT_HTML_VALUE)) {
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setCharacterEncoding(StandardCharsets.UTF_8);
            response.setContentType(MediaType.TEXT_HTML_VALUE);
            response.setHeader("Refresh", RETRY_SECONDS);
            response.getWriter().write(PlainPage.of("One moment", SENTENCE, "This page looks again by itself."));
        } else {
            ProblemResponse.write(response, HttpStatus.SERVICE_UNAVAILABLE, "unavailable", SENTENCE);
        }
    }
}
