package jomble.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Writes a problem when a request is refused before any controller is reached. */
public final class ProblemResponse {
    private static final String PROBLEM =
            "{\"type\":\"urn:jomble:problem:%s\",\"title\":\"%s\",\"status\":%d,\"code\":\"%s\",\"detail\":\"%s\",\"errors\":[]}";

    private ProblemResponse() {}

    /** @param detail without characters that JSON would have to escape */
    public static void write(HttpServletResponse response, HttpStatus status, String code, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.getWriter().write(PROBLEM.formatted(code, status.getReasonPhrase(), status.value(), code, detail));
    }
}
