package jomble.server.piece;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import jomble.core.document.PieceReader;
import jomble.core.entry.Chip;
import jomble.core.entry.EntryLine;
import jomble.core.entry.EntryReading;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.Node;
import jomble.server.kind.KindService;
import jomble.server.piece.PieceHistory.Undone;
import jomble.server.piece.PieceService.Kept;
import jomble.server.problem.ProblemException;
import jomble.server.studio.StudioMember;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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

/** A client's pieces, one by one or by the entry line. */
@RestController
@RequestMapping("/api/v1")
class PieceController {
    private final PieceService pieces;
    private final PieceHistory history;
    private final KindService kinds;

    PieceController(PieceService pieces, PieceHistory history, KindService kinds) {
        this.pieces = pieces;
        this.history = history;
        this.kinds = kinds;
    }

    /**
     * A line of words.
     *
     * @param keepUnknown whether words that were not understood are kept as the piece's notes; otherwise they refuse the line
     * @param also attributes in document form kept from the piece before, where the line does not say otherwise
     */
    record EntryRequest(@NotBlank @Size(max = 400) String line, Boolean keepUnknown, Map<String, Object> also) {}

    record LinesRequest(@NotEmpty @Size(max = 500) List<@NotNull @Size(max = 400) String> lines, Boolean keepUnknown) {}

    record SetRequest(
            @NotBlank String kind,
            @NotBlank @Size(max = 80) String label,
            @NotEmpty Set<String> pieces) {}

    /**
     * What was understood of an entry line.
     *
     * @param preview the piece it would become, or null as long as no kind is named
     */
    record EntryView(boolean complete, List<Chip> chips, PieceView preview) {}

    record UndoView(boolean undone, String action, String label, int pieces) {}

    @GetMapping("/clients/{clientId}/pieces")
    List<PieceView> all(@PathVariable UUID clientId) {
        return pieces.all(clientId).stream().map(PieceController::view).toList();
    }

    @PostMapping("/clients/{clientId}/pieces")
    ResponseEntity<PieceView> add(@PathVariable UUID clientId, @RequestBody Map<String, Object> piece) {
        return tagged(HttpStatus.CREATED, pieces.add(clientId, piece));
    }

    /** Records a piece from one line of words. */
    @PostMapping("/clients/{clientId}/pieces/entry")
    ResponseEntity<PieceView> enter(
            @PathVariable UUID clientId,
            @Valid @RequestBody EntryRequest request,
            @AuthenticationPrincipal StudioMember member) {
        Node node = Node.at("/line", request.line());
        Map<String, Object> document = accepted(request.line(), request.keepUnknown(), node, member, kinds.offered());
        node.finish();
        if (request.also() != null) {
            request.also().forEach(document::putIfAbsent);
        }
        return tagged(HttpStatus.CREATED, pieces.addEntered(clientId, document));
    }

    /** Records a piece from each line in one step; when one cannot be accepted, none is. */
    @PostMapping("/clients/{clientId}/pieces/entries")
    @ResponseStatus(HttpStatus.CREATED)
    void enterAll(
            @PathVariable UUID clientId,
            @Valid @RequestBody LinesRequest request,
            @AuthenticationPrincipal StudioMember member) {
        Node node = Node.root(Map.of("lines", request.lines()));
        Kinds offered = kinds.offered();
        List<Map<String, Object>> documents = new ArrayList<>();
        for (Node line : node.field("lines").items(request.lines().size())) {
            if (line.value() instanceof String text && !text.isBlank()) {
                documents.add(accepted(text, request.keepUnknown(), line, member, offered));
            }
        }
        node.finish();
        pieces.addAllEntered(clientId, documents);
    }

    /** The document form of a line; what stands against it is reported at the node. */
    private static Map<String, Object> accepted(
            String line, Boolean keepUnknown, Node node, StudioMember member, Kinds offered) {
        EntryReading reading = EntryLine.read(line, Currency.getInstance(member.currency()), offered);
        if (reading.kind() == null) {
            node.reject("missing-kind", "name what the piece is, such as shirt, jeans or loafers");
        }
        List<String> unknown = new ArrayList<>();
        for (Chip chip : reading.chips()) {
            if (!chip.isUnderstood()) {
                unknown.add(chip.text());
                String hint = chip.suggestion() == null ? "" : " – did you mean \"" + chip.suggestion() + "\"?";
                if (!Boolean.TRUE.equals(keepUnknown)) {
                    node.reject("unknown-word", "\"" + chip.text() + "\" was not understood" + hint);
                }
            }
        }
        Map<String, Object> document = document(reading);
        if (!unknown.isEmpty()) {
            document.put(Attribute.NOTES.name(), String.join(" ", unknown));
        }
        return document;
    }

    /** Reads many lines as they would be recorded, without saving anything. */
    @PostMapping("/entry/lines")
    List<EntryView> readAll(@Valid @RequestBody LinesRequest request, @AuthenticationPrincipal StudioMember member) {
        Kinds offered = kinds.offered();
        return request.lines().stream()
                .map(line -> reading(line, member, offered))
                .toList();
    }

    /** Makes a set of pieces, or changes which belong to it. */
    @PutMapping("/clients/{clientId}/sets/{setId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void joinSet(@PathVariable UUID clientId, @PathVariable String setId, @Valid @RequestBody SetRequest request) {
        pieces.joinSet(clientId, setId, request.kind(), request.label(), request.pieces());
    }

    /** Reads a line as it is typed, without saving anything. */
    @PostMapping("/entry")
    EntryView read(@Valid @RequestBody EntryRequest request, @AuthenticationPrincipal StudioMember member) {
        return reading(request.line(), member, kinds.offered());
    }

    private static EntryView reading(String line, StudioMember member, Kinds offered) {
        EntryReading reading = EntryLine.read(line, Currency.getInstance(member.currency()), offered);
        PieceView preview = null;
        if (reading.kind() != null) {
            Map<String, Object> document = document(reading);
            document.put("id", "preview");
            Piece piece = PieceReader.readAlone(document, offered);
            preview = PieceView.of(piece, 0);
        }
        return new EntryView(reading.isComplete(), reading.chips(), preview);
    }

    private static Map<String, Object> document(EntryReading reading) {
        Map<String, Object> document = new LinkedHashMap<>(EntryLine.toDocument(reading, ""));
        document.remove("id");
        if (reading.count() > 1) {
            document.put(Attribute.QUANTITY.name(), reading.count());
        }
        return document;
    }

    @PutMapping("/clients/{clientId}/pieces/{ref}")
    ResponseEntity<PieceView> change(
            @PathVariable UUID clientId,
            @PathVariable String ref,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String seen,
            @RequestBody Map<String, Object> piece) {
        return tagged(HttpStatus.OK, pieces.change(clientId, ref, version(seen), piece));
    }

    @DeleteMapping("/clients/{clientId}/pieces/{ref}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(
            @PathVariable UUID clientId,
            @PathVariable String ref,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String seen) {
        pieces.delete(clientId, ref, seen == null ? null : version(seen));
    }

    /**
     * A change of many pieces.
     *
     * @param seen version of each piece as it was seen, by id
     * @param set attributes in document form; null sets one back to derived
     * @param add entries of attributes that are lists, beside those each piece has
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
    @PostMapping("/clients/{clientId}/pieces/change")
    List<PieceView> changeAll(@PathVariable UUID clientId, @Valid @RequestBody ManyRequest request) {
        return pieces.changeAll(clientId, request.seen(), request.set(), request.add()).stream()
                .map(PieceController::view)
                .toList();
    }

    /** Deletes many pieces in one step, all or none. */
    @PostMapping("/clients/{clientId}/pieces/delete")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteAll(@PathVariable UUID clientId, @Valid @RequestBody ManyRequest request) {
        pieces.deleteAll(clientId, request.seen());
    }

    record HappenedView(Instant at, String action, List<String> changed) {}

    /** What happened to a piece, newest first, with the names of what changed. */
    @GetMapping("/clients/{clientId}/pieces/{ref}/story")
    List<HappenedView> story(@PathVariable UUID clientId, @PathVariable String ref) {
        return history.story(clientId, ref).stream()
                .map(h -> new HappenedView(h.at(), h.action(), changed(h.before(), h.after())))
                .toList();
    }

    private static List<String> changed(Map<String, Object> before, Map<String, Object> after) {
        Set<String> names = new TreeSet<>(before.keySet());
        names.addAll(after.keySet());
        return names.stream()
                .filter(name -> !Objects.equals(before.get(name), after.get(name)))
                .map(name -> name + (after.containsKey(name) ? ": " + after.get(name) : ": derived"))
                .toList();
    }

    @PostMapping("/clients/{clientId}/undo")
    UndoView undo(@PathVariable UUID clientId) {
        return view(history.undo(clientId));
    }

    @PostMapping("/clients/{clientId}/redo")
    UndoView redo(@PathVariable UUID clientId) {
        return view(history.redo(clientId));
    }

    private static UndoView view(Optional<Undone> undone) {
        return undone.map(u -> new UndoView(true, u.action(), u.label(), u.pieces()))
                .orElse(new UndoView(false, null, null, 0));
    }

    private static long version(String seen) {
        if (seen == null || !seen.matches("\"\\d{1,18}\"")) {
            throw ProblemException.preconditionRequired();
        }
        return Long.parseLong(seen.substring(1, seen.length() - 1));
    }

    private static ResponseEntity<PieceView> tagged(HttpStatus status, Kept kept) {
        return ResponseEntity.status(status).eTag("\"" + kept.version() + "\"").body(view(kept));
    }

    private static PieceView view(Kept kept) {
        return PieceView.of(kept.piece(), kept.version());
    }
}
