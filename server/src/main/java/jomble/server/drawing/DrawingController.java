package jomble.server.drawing;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.Duration;
import java.util.Map;
import jomble.drawing.Flat;
import jomble.drawing.Look;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings of looks. They contain no personal data, so they need no sign-in and may be cached anywhere. */
@Hidden
@RestController
@Requires(Right.PUBLIC)
@RequestMapping(DrawingAddress.PATH + "{edition}")
class DrawingController {
    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    /** The flat of a look; for an outdated edition the current drawing, not cacheable. */
    @GetMapping(path = "/flat.svg", produces = "image/svg+xml;charset=UTF-8")
    ResponseEntity<String> flat(@PathVariable String edition, @RequestParam Map<String, String> look) {
        boolean current = edition.equals(DrawingAddress.EDITION);
        return ResponseEntity.ok()
                .cacheControl(current ? FOR_EVER : CacheControl.noStore())
                .body(Flat.of(Look.piece(look)));
    }
}
