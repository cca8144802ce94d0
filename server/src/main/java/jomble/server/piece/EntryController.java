package jomble.server.piece;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.document.PieceReader;
import jomble.core.entry.Chip;
import jomble.core.entry.EntryLine;
import jomble.core.entry.EntryReading;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.Trait;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Node;
import jomble.core.tree.Problem;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.kind.KindService;
import jomble.server.studio.StudioMember;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Adding pieces by entry lines, and settling words that were not understood. */
@RestController
@Requires(Right.RECORD_PIECES)
@RequestMapping("/api/v1")
class EntryController {
    private static final int LONGEST_LABEL = 80;

    private final PieceService pieces;
    private final PieceBulkService bulk;
    private final KindService kinds;

    EntryController(PieceService pieces, PieceBulkService bulk, KindService kinds) {
        this.pieces = pieces;
        this.bulk = bulk;
        this.kinds = kinds;
    }

    /**
     * An entry line.
     *
     * @param keepUnknown saves the line in any case: words that were not understood become notes and are listed as
     *     unclear, and a piece without a kind is saved as unnamed. Otherwise such a line is refused.
     * @param key the caller's key for this line: when it is sent again because no answer arrived, the piece is not
     *     added twice
     * @param also attributes in document form carried over from the previous piece, unless the line names them
     */
    record EntryRequest(
            @NotBlank @Size(max = 400) String line, Boolean keepUnknown, UUID key, Map<String, Object> also) {
        boolean keepsUnknown() {
            return Boolean.TRUE.equals(keepUnknown);
        }
    }

    record LinesRequest(@NotEmpty @Size(max = 500) List<@NotNull @Size(max = 400) String> lines, Boolean keepUnknown) {}

    /**
     * The reading of an entry line.
     *
     * @param preview the piece it would become, or null until a kind is named
     */
    record EntryView(boolean complete, List<Chip> chips, PieceView preview) {}

    /**
     * The meaning of an unclear word of a piece.
     *
     * @param as its meaning, in words of the entry line; null keeps it as a note and settles it
     */
    record MeaningRequest(
            @NotBlank @Size(max = 40) String word,
            @Size(max = 400) String as) {}

    /** Reads a line while it is typed, without saving anything. */
    @Requires(Right.READ_REFERENCE)
    @PostMapping("/entry")
    EntryView read(@Valid @RequestBody EntryRequest request, @AuthenticationPrincipal StudioMember member) {
        return view(request.line(), member, kinds.offered());
    }

    /** Reads many lines as they would be recorded, without saving anything. */
    @Requires(Right.READ_REFERENCE)
    @PostMapping("/entry/lines")
    List<EntryView> readAll(@Valid @RequestBody LinesRequest request, @AuthenticationPrincipal StudioMember member) {
        Kinds offered = kinds.offered();
        return request.lines().stream().map(line -> view(line, member, offered)).toList();
    }

    private static EntryView view(String line, StudioMember member, Kinds offered) {
        EntryReading reading = EntryLine.read(line, usual(member), offered);
        PieceView preview = null;
        if (reading.kind() != null) {
            Map<String, Object> document = recorded(line, reading, offered);
            document.put("id", "preview");
            preview = PieceView.of(PieceReader.readAlone(document, offered), 0);
        }
        return new EntryView(reading.isComplete(), reading.chips(), preview);
    }

    /** The currency of an amount without one. */
    private static Currency usual(StudioMember member) {
        return Currency.getInstance(member.currency());
    }

    /** Adds a piece from an entry line. */
    @PostMapping("/clients/{clientId}/pieces/entry")
    ResponseEntity<PieceView> enter(
            @PathVariable UUID clientId,
            @Valid @RequestBody EntryRequest request,
            @AuthenticationPrincipal StudioMember member) {
        Node node = Node.at("/line", request.line());
        Kinds offered = kinds.offered();
        EntryReading reading = EntryLine.read(request.line(), usual(member), offered);
        if (!request.keepsUnknown()) {
            rejectUnknown(reading, node);
            node.finish();
        }
        Map<String, Object> document = recorded(request.line(), reading, offered);
        if (request.also() != null) {
            request.also().forEach(document::putIfAbsent);
        }
        return PieceController.tagged(HttpStatus.CREATED, pieces.addEntered(clientId, request.key(), document));
    }

    /** Adds a piece from each line in one step, all or none. A line that names no kind is refused. */
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
                EntryReading reading = EntryLine.read(text, usual(member), offered);
                if (!Boolean.TRUE.equals(request.keepUnknown())) {
                    rejectUnknown(reading, line);
                } else if (reading.kind() == null) {
                    rejectKindless(line);
                }
                documents.add(recorded(text, reading, offered));
            }
        }
        node.finish();
        bulk.addAllEntered(clientId, documents);
    }

    /** Settles an unclear word of a piece, with a meaning or as a note. */
    @PostMapping("/clients/{clientId}/pieces/{ref}/words")
    ResponseEntity<PieceView> explain(
            @PathVariable UUID clientId,
            @PathVariable String ref,
            @Valid @RequestBody MeaningRequest request,
            @AuthenticationPrincipal StudioMember member) {
        Piece piece = pieces.piece(clientId, ref);
        Map<String, Object> says =
                request.as() == null ? Map.of() : meaning(piece, request.as(), member, kinds.offered());
        return PieceController.tagged(HttpStatus.OK, pieces.explain(clientId, ref, request.word(), says));
    }

    /** The attributes the words give a piece, and its kind if they name another. */
    private static Map<String, Object> meaning(Piece piece, String as, StudioMember member, Kinds offered) {
        EntryReading ofThisKind = EntryLine.read(piece.kind().words() + " " + as, usual(member), offered);
        boolean readsOnThisKind = ofThisKind.isComplete()
                && !ofThisKind.set().isEmpty()
                && piece.kind().equals(ofThisKind.kind());
        EntryReading reading = readsOnThisKind ? ofThisKind : EntryLine.read(as, usual(member), offered);
        if (!reading.isComplete()) {
            Node node = Node.at("/as", as);
            rejectUnknown(reading, node);
            node.finish();
        }
        Map<String, Object> says = document(reading);
        if (readsOnThisKind) {
            says.remove("kind");
        }
        return says;
    }

    private static void rejectUnknown(EntryReading reading, Node node) {
        if (reading.kind() == null) {
            rejectKindless(node);
        }
        for (Chip chip : reading.chips()) {
            if (!chip.isUnderstood()) {
                String hint = chip.readings().isEmpty()
                        ? ""
                        : " – did you mean \"" + chip.readings().get(0) + "\"?";
                node.reject("unknown-word", "\"" + chip.text() + "\" was not understood" + hint);
            }
        }
    }

    private static void rejectKindless(Node node) {
        node.reject("missing-kind", "name what the piece is, such as shirt, jeans or loafers");
    }

    /** The document of a piece with everything on the line, understood or not. */
    private static Map<String, Object> recorded(String line, EntryReading reading, Kinds offered) {
        Map<String, Object> document = document(reading);
        List<String> unclear = new ArrayList<>(reading.unclear());
        if (reading.kind() == null) {
            document.put("kind", Kinds.shipped().first(Trait.UNNAMED).id());
            String label = line.strip();
            document.put(
                    Attribute.LABEL.name(),
                    label.length() <= LONGEST_LABEL ? label : label.substring(0, LONGEST_LABEL));
        }
        Map<String, Object> accepted = acceptable(document, offered);
        document.keySet().stream()
                .filter(name -> !accepted.containsKey(name))
                .map(name -> Attribute.words(name) + " " + document.get(name))
                .map(word -> word.replace(',', ' '))
                .filter(word -> word.length() <= 40)
                .forEach(unclear::add);
        String unknown = String.join(
                " ",
                unclear.stream()
                        .filter(word -> !word.equals(Attribute.COLOURS_OPEN) && !word.equals(Attribute.KIND_OPEN))
                        .toList());
        if (!unknown.isEmpty()) {
            accepted.put(Attribute.NOTES.name(), unknown);
        }
        if (!unclear.isEmpty()) {
            accepted.put(Attribute.UNCLEAR.name(), unclear);
        }
        accepted.put(Attribute.AS_TYPED.name(), line.strip());
        return accepted;
    }

    /** Without invalid attributes, such as a heel of 80 cm. */
    private static Map<String, Object> acceptable(Map<String, Object> document, Kinds offered) {
        Map<String, Object> accepted = new LinkedHashMap<>(document);
        accepted.put("id", "entered");
        try {
            PieceReader.readAlone(accepted, offered);
        } catch (InvalidInputException e) {
            for (Problem problem : e.problems()) {
                accepted.remove(problem.pointer().split("/")[1]);
            }
        }
        accepted.remove("id");
        return accepted;
    }

    private static Map<String, Object> document(EntryReading reading) {
        Map<String, Object> document = new LinkedHashMap<>(EntryLine.toDocument(reading, ""));
        document.remove("id");
        if (reading.count() > 1) {
            document.put(Attribute.QUANTITY.name(), reading.count());
        }
        return document;
    }
}
