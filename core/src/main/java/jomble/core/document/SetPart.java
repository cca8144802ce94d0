package jomble.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Shape;
import jomble.core.document.part.Values;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/** Sets in document form: {@code {"id": "s1", "kind": "suit", "label": "the grey one"}}. */
final class SetPart extends EntryPart<PieceSet> {
    private static final int MOST_SETS = 20_000;
    private static final int LONGEST_LABEL = 80;

    SetPart() {
        super("sets", "set", MOST_SETS, PieceSet::id);
    }

    @Override
    public String title(PieceSet set) {
        return set.label();
    }

    @Override
    protected PieceSet readEntry(Node item) {
        item.fields(List.of("id", "kind", "label"));
        String id = item.field("id").text(1, 64);
        SetKind kind = Values.word(item.field("kind"), SetKind.class);
        String label = Values.given(item.field("label"), n -> n.text(0, LONGEST_LABEL), "");
        return id == null || kind == null ? null : new PieceSet(id, kind, label);
    }

    /** The sets of the list and those that pieces name without any entry. */
    @Override
    public List<PieceSet> read(Node node, Before before) {
        List<PieceSet> sets = new ArrayList<>(super.read(node, before));
        Set<String> declared = sets.stream().map(PieceSet::id).collect(Collectors.toSet());
        sets.addAll(undeclared(declared, before.pieces()));
        return List.copyOf(sets);
    }

    /** A suit where one of the pieces is a jacket, jewellery where all are. */
    private static List<PieceSet> undeclared(Set<String> declared, List<Piece> pieces) {
        Map<String, List<Piece>> members = new LinkedHashMap<>();
        for (Piece piece : pieces) {
            if (piece.setId() != null && !declared.contains(piece.setId())) {
                members.computeIfAbsent(piece.setId(), id -> new ArrayList<>()).add(piece);
            }
        }
        return members.entrySet().stream()
                .map(entry -> new PieceSet(entry.getKey(), kindOf(entry.getValue()), ""))
                .toList();
    }

    private static SetKind kindOf(List<Piece> members) {
        if (members.stream().anyMatch(piece -> piece.roles().contains(Slot.JACKET))) {
            return SetKind.SUIT;
        }
        boolean jewellery = members.stream().allMatch(piece -> piece.roles().contains(Slot.JEWELLERY));
        return jewellery ? SetKind.JEWELLERY : SetKind.CO_ORD;
    }

    @Override
    public Map<String, Object> writeEntry(PieceSet set) {
        return Values.tree("id", set.id(), "kind", set.kind().id(), "label", set.label());
    }

    @Override
    protected Map<String, Object> entrySchema() {
        return Shape.object(
                List.of("id", "kind"),
                Map.of(
                        "id",
                        Shape.ID,
                        "kind",
                        Map.of("enum", Word.ids(SetKind.class)),
                        "label",
                        Shape.text(0, LONGEST_LABEL)));
    }
}
