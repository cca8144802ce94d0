package jomble.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import jomble.server.access.SecurityLog;
import jomble.server.idempotency.IdempotencyFilter;
import jomble.server.idempotency.IdempotencyKeys;
import jomble.server.limit.Limits;
import jomble.server.problem.ProblemException;
import jomble.server.problem.ProblemResponse;
import jomble.server.studio.StudioMember;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/** Session cookie with CSRF protection for people; bearer tokens, limited to the compute calls, for programs. */
@Configuration
class SecurityConfiguration {
    private static final String METRICS = "/metrics";
    private static final String BEARER = "Bearer ";
    private static final String SIGN_IN = "/api/v1/session";
    private static final String POLICY =
            "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    /** Drawings contain no personal data, so they need no session and may be cached anywhere. */
    @Bean
    @Order(1)
    SecurityFilterChain drawings(HttpSecurity http) throws Exception {
        return http.securityMatcher("/drawings/**")
                .authorizeHttpRequests(a -> a.anyRequest().permitAll())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(h -> h.cacheControl(c -> c.disable())
                        .contentSecurityPolicy(
                                p -> p.policyDirectives("default-src 'none'; style-src 'unsafe-inline'")))
                .requestCache(c -> c.disable())
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain filters(
            HttpSecurity http,
            AccountService accounts,
            Limits limits,
            IdempotencyKeys keys,
            SecurityLog log,
            SecurityContextRepository contexts)
            throws Exception {
        return http.securityContext(s -> s.securityContextRepository(contexts))
                .authorizeHttpRequests(a -> a.requestMatchers("/api/v1/openapi/**", "/api/v1/schema/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, SIGN_IN)
                        .permitAll()
                        .requestMatchers("/api/v1/compute/**")
                        .hasAnyAuthority("STYLIST", "PROGRAM")
                        .requestMatchers("/api/**")
                        .hasAuthority("STYLIST")
                        .requestMatchers(METRICS)
                        .hasAuthority("PROGRAM")
                        .anyRequest()
                        .permitAll())
                .csrf(c -> c.spa().ignoringRequestMatchers(SecurityConfiguration::hasBearer))
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(
                                p -> p.policy("camera=(self), microphone=(), geolocation=(), payment=()"))
                        .crossOriginOpenerPolicy(p -> p.policy(CrossOriginOpenerPolicy.SAME_ORIGIN)))
                .requestCache(c -> c.disable())
                .logout(l -> l.disable())
                .exceptionHandling(
                        e -> e.authenticationEntryPoint((request, response, failure) -> signInFirst(response))
                                .accessDeniedHandler((request, response, failure) -> deny(request, response, log)))
                .addFilterBefore(new BearerFilter(accounts, limits), AnonymousAuthenticationFilter.class)
                .addFilterBefore(new SessionEndFilter(accounts), AnonymousAuthenticationFilter.class)
                .addFilterAfter(new IdempotencyFilter(keys), AuthorizationFilter.class)
                .build();
    }

    private static void signInFirst(HttpServletResponse response) throws IOException {
        ProblemResponse.write(response, HttpStatus.UNAUTHORIZED, "sign-in-required", "Sign in first.");
    }

    /** Anonymous callers are told to sign in, even when the CSRF check failed first. */
    private static void deny(HttpServletRequest request, HttpServletResponse response, SecurityLog log)
            throws IOException {
        boolean nobody = SecurityContextHolder.getContext().getAuthentication() == null;
        if (nobody && !request.getRequestURI().equals(SIGN_IN)) {
            signInFirst(response);
            return;
        }
        log.forged(request);
        ProblemResponse.write(
                response,
                HttpStatus.FORBIDDEN,
                "forbidden",
                "This is not allowed here. Reload the page and try again.");
    }

    private static boolean hasBearer(HttpServletRequest request) {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        return header != null && header.startsWith(BEARER);
    }

    /** Authenticates a program by its token; an invalid token is treated as none. */
    private static final class BearerFilter extends OncePerRequestFilter {
        private final AccountService accounts;
        private final Limits limits;

        BearerFilter(AccountService accounts, Limits limits) {
            this.accounts = accounts;
            this.limits = limits;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (hasBearer(request)) {
                SecurityContextHolder.clearContext();
                String token = request.getHeader(HttpHeaders.AUTHORIZATION).substring(BEARER.length());
                Optional<StudioMember> program = accounts.bearer(token);
                if (program.isPresent()) {
                    try {
                        limits.computing(
                                program.get().studioId() + " " + program.get().name(), request.getRemoteAddr());
                    } catch (ProblemException e) {
                        response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(e.retryAfterSeconds()));
                        ProblemResponse.write(response, e.status(), e.code(), e.getMessage());
                        return;
                    }
                    SecurityContextHolder.getContext().setAuthentication(new MemberAuthentication(program.get()));
                }
            }
            chain.doFilter(request, response);
        }
    }
}
