package jomble.server.kind;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import jomble.core.document.KindReader;
import jomble.core.piece.Kind;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.studio.IfMatch;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The studio's own kinds. */
@RestController
@Requires(Right.READ_STUDIO)
@RequestMapping("/api/v1/kinds")
class KindController {
    private final KindService kinds;

    KindController(KindService kinds) {
        this.kinds = kinds;
    }

    /**
     * A kind made by copying one.
     *
     * @param like the kind it is copied from
     * @param set attributes it has otherwise, in document form; those of a single piece are left out
     */
    record NewKind(
            @NotBlank @Size(max = 60) String name,
            @NotBlank String like,
            @Size(max = 10) List<String> alsoCalled,
            Map<String, Object> set) {}

    record Offer(@NotNull Boolean offered) {}

    record OwnKindView(
            String id,
            String name,
            String like,
            List<String> alsoCalled,
            Map<String, Object> set,
            boolean offered,
            long version) {}

    /** The kinds of the studio's own. */
    @GetMapping
    List<OwnKindView> own() {
        return kinds.own().stream()
                .map(own -> view(own.kind(), own.offered(), own.version()))
                .toList();
    }

    /** Adds a kind of the studio's own, made from one that is shipped. */
    @Requires(Right.CHANGE_STUDIO)
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    OwnKindView add(@Valid @RequestBody NewKind body) {
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("id", body.name().strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_]+", "-"));
        document.put("like", body.like());
        document.put("alsoCalled", body.alsoCalled());
        document.put("set", body.set());
        return view(kinds.add(document), true, 0);
    }

    /** Offers a kind for new pieces, or no longer; pieces of it stay as they are. If-Match has its version. */
    @Requires(Right.CHANGE_STUDIO)
    @PutMapping("/{id}/offered")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void offer(@PathVariable String id, @IfMatch long seen, @Valid @RequestBody Offer body) {
        kinds.offer(id, body.offered(), seen);
    }

    @SuppressWarnings("unchecked")
    private static OwnKindView view(Kind kind, boolean offered, long version) {
        Map<String, Object> tree = KindReader.write(kind);
        return new OwnKindView(
                kind.id(),
                kind.words(),
                kind.origin().id(),
                kind.alsoCalled(),
                (Map<String, Object>) tree.get("set"),
                offered,
                version);
    }
}
