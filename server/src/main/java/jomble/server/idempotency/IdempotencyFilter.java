package jomble.server.idempotency;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import jomble.server.problem.ProblemResponse;
import jomble.server.studio.StudioMember;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Answers a POST that was carried out before as it was answered then. Runs behind the check of who calls: keys belong
 * to a studio.
 */
public final class IdempotencyFilter extends OncePerRequestFilter {
    private static final String KEY = "Idempotency-Key";
    private static final Pattern VALID = Pattern.compile("[!-~]{8,64}");
    private static final List<String> HEADERS = List.of("Content-Type", "ETag", "Location");
    private static final int LONGEST_ANSWER = 1_000_000;
    private static final int LOOKS = 30;
    private static final int BETWEEN_LOOKS_MILLIS = 100;

    private final IdempotencyKeys keys;

    public IdempotencyFilter(IdempotencyKeys keys) {
        this.keys = keys;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String key = request.getHeader(KEY);
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (key == null
                || !request.getMethod().equals("POST")
                || who == null
                || !(who.getPrincipal() instanceof StudioMember member)) {
            chain.doFilter(request, response);
        } else if (!VALID.matcher(key).matches()) {
            ProblemResponse.write(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "not-a-key",
                    "An Idempotency-Key has 8 to 64 visible characters of ASCII.");
        } else {
            DigestedRequest digested = new DigestedRequest(request);
            Optional<IdempotencyKeys.Done> done = keys.find(member.studioId(), key);
            if (done.isPresent()) {
                repeat(done.get(), digested, response);
            } else {
                carryOut(
                        new IdempotencyKeys.Attempt(member.studioId(), key, UUID.randomUUID()),
                        digested,
                        response,
                        chain);
            }
        }
    }

    private void carryOut(
            IdempotencyKeys.Attempt attempt, DigestedRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        request.setAttribute(IdempotencyKeys.ATTEMPT, attempt);
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, answer);
        if (answer.getStatus() == HttpStatus.CONFLICT.value()) {
            // Perhaps the same request, sent twice at once: the first one's answer is about to be there.
            Optional<IdempotencyKeys.Done> done = answerOfOther(attempt);
            if (done.isPresent()) {
                answer.reset();
                repeat(done.get(), request, response);
                return;
            }
        } else if (HttpStatus.valueOf(answer.getStatus()).is2xxSuccessful()) {
            keys.answered(attempt, request.digest(), written(answer));
        }
        answer.copyBodyToResponse();
    }

    private Optional<IdempotencyKeys.Done> answerOfOther(IdempotencyKeys.Attempt attempt) {
        Optional<IdempotencyKeys.Done> done = keys.find(attempt.studioId(), attempt.key());
        for (int i = 0; i < LOOKS && done.isPresent() && done.get().digest() == null; i++) {
            try {
                Thread.sleep(BETWEEN_LOOKS_MILLIS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return Optional.empty();
            }
            done = keys.find(attempt.studioId(), attempt.key());
        }
        return done;
    }

    private static void repeat(IdempotencyKeys.Done done, DigestedRequest request, HttpServletResponse response)
            throws IOException {
        if (done.digest() != null && !done.digest().equals(request.digest())) {
            ProblemResponse.write(
                    response,
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "key-used",
                    "This Idempotency-Key was used for another request. Nothing was saved; send a new key.");
        } else if (done.answer() == null) {
            ProblemResponse.write(
                    response, HttpStatus.CONFLICT, "already-done", "This was saved already. Load it again to see it.");
        } else {
            replay(done.answer(), response);
        }
    }

    /** Status, headers and body in one text; null when it is too long to keep. */
    private static byte[] written(ContentCachingResponseWrapper answer) {
        byte[] body = answer.getContentAsByteArray();
        if (body.length > LONGEST_ANSWER) {
            return null;
        }
        StringBuilder head = new StringBuilder().append(answer.getStatus()).append('\n');
        for (String name : HEADERS) {
            String value = name.equals("Content-Type") ? answer.getContentType() : answer.getHeader(name);
            head.append(value == null ? "" : value).append('\n');
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.writeBytes(head.toString().getBytes(StandardCharsets.UTF_8));
        all.writeBytes(body);
        return all.toByteArray();
    }

    private static void replay(byte[] kept, HttpServletResponse response) throws IOException {
        int at = 0;
        String[] lines = new String[1 + HEADERS.size()];
        for (int i = 0; i < lines.length; i++) {
            int end = at;
            while (kept[end] != '\n') {
                end++;
            }
            lines[i] = new String(Arrays.copyOfRange(kept, at, end), StandardCharsets.UTF_8);
            at = end + 1;
        }
        response.setStatus(Integer.parseInt(lines[0]));
        for (int i = 0; i < HEADERS.size(); i++) {
            if (!lines[i + 1].isEmpty()) {
                response.setHeader(HEADERS.get(i), lines[i + 1]);
            }
        }
        response.setHeader("Idempotent-Replayed", "true");
        response.getOutputStream().write(kept, at, kept.length - at);
    }
}
