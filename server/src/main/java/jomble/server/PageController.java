package jomble.server;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Serves the single page of the front end at every address it routes itself. */
@Controller
class PageController {
    @GetMapping({"/", "/sign-in", "/clients", "/clients/**", "/kinds", "/help"})
    String page() {
        return "forward:/index.html";
    }
}
