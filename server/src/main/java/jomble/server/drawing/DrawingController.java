package jomble.server.drawing;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.Duration;
import java.util.Map;
import jomble.drawing.Flat;
import jomble.drawing.Look;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings of looks. Nothing of a client is in them, so they need no sign-in and may be kept by every cache. */
@Hidden
@RestController
@RequestMapping(DrawingAddress.PATH + "{edition}")
class DrawingController {
    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    /** The flat of a look; of an edition that is past, what this one draws, not to be kept. */
    @GetMapping(path = "/flat.svg", produces = "image/svg+xml;charset=UTF-8")
    ResponseEntity<String> flat(@PathVariable String edition, @RequestParam Map<String, String> look) {
        boolean current = edition.equals(DrawingAddress.EDITION);
        return ResponseEntity.ok()
                .cacheControl(current ? FOR_EVER : CacheControl.noStore())
                .body(Flat.of(Look.piece(look)));
    }
}
