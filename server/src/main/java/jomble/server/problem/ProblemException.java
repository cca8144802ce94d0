package jomble.server.problem;

import java.util.Collection;
import org.springframework.http.HttpStatus;

/** An expected refusal, reported to the caller. */
public final class ProblemException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final HttpStatus status;
    private final String code;
    private Long retryAfterSeconds;

    private ProblemException(HttpStatus status, String code, String detail) {
        super(detail);
        this.status = status;
        this.code = code;
    }

    public static ProblemException notFound(String what) {
        return new ProblemException(HttpStatus.NOT_FOUND, "not-found", what + " does not exist, or is not yours.");
    }

    public static ProblemException conflict(String code, String detail) {
        return new ProblemException(HttpStatus.CONFLICT, code, detail);
    }

    public static ProblemException stale() {
        return new ProblemException(
                HttpStatus.PRECONDITION_FAILED,
                "stale",
                "Somebody changed this meanwhile. Nothing was saved; load it again and decide which version to keep.");
    }

    /** @param what names of the changed items */
    public static ProblemException stale(Collection<String> what) {
        return new ProblemException(
                HttpStatus.PRECONDITION_FAILED,
                "stale",
                "Somebody changed " + String.join(", ", what)
                        + " meanwhile. Nothing was saved; load it again and decide which version to keep.");
    }

    public static ProblemException preconditionRequired() {
        return new ProblemException(
                HttpStatus.PRECONDITION_REQUIRED,
                "if-match-required",
                "Send the ETag of the version you saw as If-Match.");
    }

    public static ProblemException forbidden() {
        return new ProblemException(HttpStatus.FORBIDDEN, "forbidden", "You have no right to do this.");
    }

    public static ProblemException alreadyDone() {
        return new ProblemException(
                HttpStatus.CONFLICT, "already-done", "This was saved already. Load it again to see it.");
    }

    public static ProblemException tooLarge(String detail) {
        return new ProblemException(HttpStatus.CONTENT_TOO_LARGE, "too-large", detail);
    }

    public static ProblemException tooSlow() {
        return new ProblemException(
                HttpStatus.REQUEST_TIMEOUT, "too-slow", "The body did not arrive within a minute. Nothing was saved.");
    }

    public static ProblemException unsupported(String code, String detail) {
        return new ProblemException(HttpStatus.UNSUPPORTED_MEDIA_TYPE, code, detail);
    }

    /** @param waitSeconds until the next attempt is allowed */
    public static ProblemException tooMany(long waitSeconds) {
        String wait = waitSeconds < 120 ? waitSeconds + " seconds" : (waitSeconds + 59) / 60 + " minutes";
        ProblemException problem = new ProblemException(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-many-requests",
                "That was tried too often. Try again in " + wait + ".");
        problem.retryAfterSeconds = waitSeconds;
        return problem;
    }

    public static ProblemException unauthorized() {
        return new ProblemException(
                HttpStatus.UNAUTHORIZED, "sign-in-failed", "The address or the password is not right.");
    }

    /** Seconds until a retry makes sense, or null. */
    public Long retryAfterSeconds() {
        return retryAfterSeconds;
    }

    public HttpStatus status() {
        return status;
    }

    public String code() {
        return code;
    }
}
