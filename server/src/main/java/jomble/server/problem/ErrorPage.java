package jomble.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/**
 * Answers requests that are refused before any controller is reached: with a page for browsers, a problem for programs.
 */
@Controller
@Hidden
class ErrorPage implements ErrorController {
    private static final String WHY = "This address or this request has a form that nothing here answers to.";

    @RequestMapping("/error")
    ResponseEntity<Object> tell(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus known = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        HttpStatus status = known == null ? HttpStatus.NOT_FOUND : known;
        String sentence = status.is5xxServerError() ? ProblemAdvice.UNEXPECTED : WHY;
        String accepts = request.getHeader(HttpHeaders.ACCEPT);
        if (accepts != null && accepts.contains(MediaType.TEXT_HTML_VALUE)) {
            return ResponseEntity.status(status)
                    .contentType(MediaType.TEXT_HTML)
                    .body(PlainPage.of("Nothing here", sentence));
        }
        return ProblemAdvice.answer(status, "http-" + status.value(), sentence, List.of());
    }
}
