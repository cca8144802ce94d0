package jomble.server.piece;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.piece.PieceService.Kept;
import jomble.server.studio.IfMatch;
import jomble.server.studio.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A client's pieces. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1")
class PieceController {
    private final PieceService pieces;
    private final PieceBulkService bulk;
    private final PieceSets sets;
    private final PieceHistory history;

    PieceController(PieceService pieces, PieceBulkService bulk, PieceSets sets, PieceHistory history) {
        this.pieces = pieces;
        this.bulk = bulk;
        this.sets = sets;
        this.history = history;
    }

    record SetRequest(
            @NotBlank String kind,
            @NotBlank @Size(max = 80) String label,
            @NotEmpty Set<String> pieces) {}

    /** The pieces of a client, in the order they were added. */
    @GetMapping("/clients/{clientId}/pieces")
    List<PieceView> all(@PathVariable UUID clientId) {
        return pieces.all(clientId).stream().map(PieceController::view).toList();
    }

    /** Adds a piece in document form; it gets an id unless it has one. */
    @Requires(Right.RECORD_PIECES)
    @PostMapping("/clients/{clientId}/pieces")
    ResponseEntity<PieceView> add(@PathVariable UUID clientId, @RequestBody Map<String, Object> piece) {
        return tagged(HttpStatus.CREATED, pieces.add(clientId, piece));
    }

    /** Makes a set of pieces or, if it is still at the version in If-Match, changes which belong to it. */
    @Requires(Right.RECORD_PIECES)
    @PutMapping("/clients/{clientId}/sets/{setId}")
    ResponseEntity<Void> joinSet(
            @PathVariable UUID clientId,
            @PathVariable String setId,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String seen,
            @Valid @RequestBody SetRequest request) {
        Long version = seen == null ? null : Long.valueOf(Versions.of(seen));
        long now = sets.joinSet(clientId, setId, version, request.kind(), request.label(), request.pieces());
        return ResponseEntity.noContent().eTag(Versions.tag(now)).build();
    }

    /** Replaces the attributes set on a piece, if it is still at the version in If-Match. */
    @Requires(Right.RECORD_PIECES)
    @PutMapping("/clients/{clientId}/pieces/{ref}")
    ResponseEntity<PieceView> change(
            @PathVariable UUID clientId,
            @PathVariable String ref,
            @IfMatch long seen,
            @RequestBody Map<String, Object> piece) {
        return tagged(HttpStatus.OK, pieces.change(clientId, ref, seen, piece));
    }

    /** Deletes a piece, if it is still at the version in If-Match. Undo restores it. */
    @Requires(Right.DELETE_PIECES)
    @DeleteMapping("/clients/{clientId}/pieces/{ref}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID clientId, @PathVariable String ref, @IfMatch long seen) {
        pieces.delete(clientId, ref, seen);
    }

    /**
     * A change of many pieces.
     *
     * @param seen version of each piece as the caller saw it, by id
     * @param set attributes in document form; null resets one to derived
     * @param add entries to add to list attributes
     */
    record ManyRequest(
            @NotEmpty @Size(max = 5000) Map<String, Long> seen,
            Map<String, Object> set,
            Map<String, List<Object>> add) {
        ManyRequest {
            set = set == null ? Map.of() : set;
            add = add == null ? Map.of() : add;
        }
    }

    /** Changes many pieces in one step, all or none. */
    @Requires(Right.RECORD_PIECES)
    @PostMapping("/clients/{clientId}/pieces/change")
    List<PieceView> changeAll(@PathVariable UUID clientId, @Valid @RequestBody ManyRequest request) {
        return bulk.changeAll(clientId, request.seen(), request.set(), request.add()).stream()
                .map(PieceController::view)
                .toList();
    }

    /** @param seen version of each piece as the caller saw it, by id */
    record GoneRequest(@NotEmpty @Size(max = 5000) Map<String, Long> seen) {}

    /** Deletes many pieces in one step, all or none. */
    @Requires(Right.DELETE_PIECES)
    @PostMapping("/clients/{clientId}/pieces/delete")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteAll(@PathVariable UUID clientId, @Valid @RequestBody GoneRequest request) {
        bulk.deleteAll(clientId, request.seen());
    }

    /** A changed attribute and its new value in document form; null when it is derived again. */
    record ChangedView(String name, Object value) {}

    record HappenedView(Instant at, String action, List<ChangedView> changed) {}

    /** The history of a piece, newest first. */
    @GetMapping("/clients/{clientId}/pieces/{ref}/story")
    List<HappenedView> story(@PathVariable UUID clientId, @PathVariable String ref) {
        return history.story(clientId, ref).stream()
                .map(h -> new HappenedView(h.at(), h.action(), changed(h.before(), h.after())))
                .toList();
    }

    private static List<ChangedView> changed(Map<String, Object> before, Map<String, Object> after) {
        Set<String> names = new TreeSet<>(before.keySet());
        names.addAll(after.keySet());
        return names.stream()
                .filter(name -> !Objects.equals(before.get(name), after.get(name)))
                .map(name -> new ChangedView(name, after.get(name)))
                .toList();
    }

    static ResponseEntity<PieceView> tagged(HttpStatus status, Kept kept) {
        return ResponseEntity.status(status).eTag(Versions.tag(kept.version())).body(view(kept));
    }

    private static PieceView view(Kept kept) {
        return PieceView.of(kept.piece(), kept.version());
    }
}
