package jomble.server.problem;

import static java.util.stream.Collectors.joining;

import java.net.URI;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.TooManyCombinationsException;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Node;
import jomble.core.tree.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.io.ClassPathResource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns every failure into {@code application/problem+json} (RFC 9457); never a stack trace. */
@RestControllerAdvice
public class ProblemAdvice extends ResponseEntityExceptionHandler {
    /** Message when a count exceeds its number range. */
    public static final String TOO_MANY =
            "There are more combinations than can be written down exactly (over 10 to the power of 38). Count fewer slots, or a capsule.";

    /** Message for an unexpected failure. */
    public static final String UNEXPECTED =
            "Something went wrong on our side. What was shown as saved is safe; try again.";

    /** What programs ask for, and what pages load. */
    private static final Pattern NO_PAGES = Pattern.compile("/(api|assets|drawings)(/|$)");

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ResponseEntity<Object> invalid(InvalidInputException e) {
        Problem first = e.problems().get(0);
        String more = e.problems().size() == 1 ? "" : " (and " + (e.problems().size() - 1) + " more)";
        String place = first.pointer().isEmpty() ? "" : first.pointer() + ": ";
        return answer(HttpStatus.BAD_REQUEST, "invalid-input", place + first.message() + more, e.problems());
    }

    @ExceptionHandler
    ResponseEntity<Object> refused(ProblemException e) {
        ResponseEntity<Object> answer = answer(e.status(), e.code(), e.getMessage(), List.of());
        return e.retryAfterSeconds() == null
                ? answer
                : ResponseEntity.status(answer.getStatusCode())
                        .headers(answer.getHeaders())
                        .header(HttpHeaders.RETRY_AFTER, e.retryAfterSeconds().toString())
                        .body(answer.getBody());
    }

    @ExceptionHandler
    ResponseEntity<Object> stopped(CountingStoppedException e) {
        String detail =
                "This wardrobe and context take longer to count than one request may. There is no figure rather than a wrong one; count fewer slots or fewer pieces.";
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, "over-budget", detail, List.of());
    }

    @ExceptionHandler
    ResponseEntity<Object> tooLarge(WardrobeTooLargeException e) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, "over-budget", sentence(e), List.of());
    }

    @ExceptionHandler
    ResponseEntity<Object> tooMany(TooManyCombinationsException e) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, "over-budget", TOO_MANY, List.of());
    }

    /** Message when a wardrobe is too large to count. */
    public static String sentence(WardrobeTooLargeException e) {
        if (e.most() == 0) {
            return "These pieces combine in more different ways than memory is set aside for. Count a capsule or a selection of them.";
        }
        return "These pieces can be worn in " + e.ways() + " ways; at most " + e.most()
                + " are counted at once. Count a capsule or a selection of them.";
    }

    @ExceptionHandler
    ResponseEntity<Object> stale(ObjectOptimisticLockingFailureException e) {
        return refused(ProblemException.stale());
    }

    @ExceptionHandler
    ResponseEntity<Object> rejected(RequestRejectedException e) {
        return answer(
                HttpStatus.BAD_REQUEST,
                "not-a-request",
                "Some part of this request has a form we do not take.",
                List.of());
    }

    /** Reached after several retries; see {@link jomble.server.studio.Write}. */
    @ExceptionHandler({PessimisticLockingFailureException.class, DataIntegrityViolationException.class})
    ResponseEntity<Object> busy(RuntimeException e) {
        if (UnavailableFilter.isDatabaseAway(e)) {
            return unexpected(e);
        }
        LOG.warn("a write was given up: {}", e.getMessage());
        return refused(ProblemException.conflict(
                "busy", "Others were changing the same at this moment. Nothing was saved; try again."));
    }

    @ExceptionHandler
    ResponseEntity<Object> unexpected(RuntimeException e) {
        if (UnavailableFilter.isDatabaseAway(e)) {
            LOG.warn("the database cannot be reached: {}", e.getMessage());
            return answer(HttpStatus.SERVICE_UNAVAILABLE, "unavailable", UnavailableFilter.SENTENCE, List.of());
        }
        LOG.error("unexpected failure", e);
        return answer(HttpStatus.INTERNAL_SERVER_ERROR, "internal", UNEXPECTED, List.of());
    }

    /** A browser at an address that leads nowhere is shown the page that says so. */
    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String accepted = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        String address = ((ServletWebRequest) request).getRequest().getRequestURI();
        boolean isPage = accepted.contains(MediaType.TEXT_HTML_VALUE)
                && !NO_PAGES.matcher(address).lookingAt();
        return isPage
                ? ResponseEntity.status(HttpStatus.NOT_FOUND)
                        .contentType(MediaType.TEXT_HTML)
                        .body(new ClassPathResource("static/index.html"))
                : super.handleNoResourceFoundException(e, headers, status, request);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Throwable root = e.getMostSpecificCause();
        if (root instanceof ProblemException problem) {
            return refused(problem);
        }
        if (root instanceof UnrecognizedPropertyException unknown) {
            Node field = Node.at(pointer(unknown), null);
            field.rejectUnknown("field", unknown.getPropertyName(), known(unknown));
            return invalid(new InvalidInputException(field.problems()));
        }
        if (root instanceof DatabindException unreadable
                && !unreadable.getPath().isEmpty()) {
            return invalid(new InvalidInputException(
                    List.of(new Problem(pointer(unreadable), "not-readable", "cannot be read here"))));
        }
        return answer(
                HttpStatus.BAD_REQUEST,
                "not-json",
                "The body is not well-formed JSON of the expected shape.",
                List.of());
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem> problems = e.getBindingResult().getFieldErrors().stream()
                .sorted(Comparator.comparing(FieldError::getField)
                        .thenComparing(error -> String.valueOf(error.getCode())))
                .map(error -> new Problem(
                        "/" + error.getField().replace('.', '/'), "invalid", String.valueOf(error.getDefaultMessage())))
                .toList();
        return invalid(new InvalidInputException(problems));
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String place = e instanceof MethodArgumentTypeMismatchException argument ? argument.getName() : "";
        return invalid(
                new InvalidInputException(List.of(new Problem("/" + place, "not-readable", reason(e.getValue())))));
    }

    private static String reason(Object value) {
        return value instanceof Object[] several
                ? "this is given " + several.length + " times; once is expected"
                : "\"" + value + "\" cannot be read here";
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception e, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return answer(HttpStatus.valueOf(status.value()), "http-" + status.value(), e.getMessage(), List.of());
    }

    private static String pointer(DatabindException e) {
        return e.getPath().stream()
                .map(step -> "/" + (step.getPropertyName() == null ? step.getIndex() : step.getPropertyName()))
                .collect(joining());
    }

    private static List<String> known(UnrecognizedPropertyException e) {
        return e.getKnownPropertyIds().stream().map(String::valueOf).sorted().toList();
    }

    static ResponseEntity<Object> answer(HttpStatus status, String code, String detail, List<Problem> errors) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create("urn:jomble:problem:" + code));
        problem.setTitle(status.getReasonPhrase());
        problem.setProperty("code", code);
        problem.setProperty("errors", errors);
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
