package jomble.core.document;

import java.util.List;
import java.util.Map;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Shape;
import jomble.core.document.part.Values;
import jomble.core.judgement.Ruling;
import jomble.core.piece.PieceId;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/**
 * Rulings in document form: {@code {"id": "r1", "pieces": ["p1", "p7"], "decision": "approved", "reason": "", "by":
 * ""}}.
 */
final class RulingPart extends EntryPart<Ruling> {
    private static final int MOST = 2_000;
    private static final int MOST_PIECES = 20;
    private static final int LONGEST_REASON = 400;
    private static final int LONGEST_BY = 80;

    RulingPart() {
        super("overrides", "exception", MOST, Ruling::id);
    }

    @Override
    protected boolean mayLackId() {
        return true;
    }

    @Override
    protected Ruling readEntry(Node item) {
        item.fields(List.of("id", "pieces", "decision", "reason", "by"));
        String id = item.field("id").text(1, 64);
        List<PieceId> pieces = Values.pieceIds(item.field("pieces"), MOST_PIECES);
        Ruling.Decision decision = Values.word(item.field("decision"), Ruling.Decision.class);
        String reason = Values.given(item.field("reason"), n -> n.text(0, LONGEST_REASON), "");
        String by = Values.given(item.field("by"), n -> n.text(0, LONGEST_BY), "");
        boolean tooFew = pieces.isEmpty() || pieces.size() == 1 && decision == Ruling.Decision.APPROVED;
        if (tooFew) {
            item.field("pieces").reject("too-few", "at least two pieces are approved together, or one is never worn");
        }
        return id == null || tooFew || decision == null ? null : new Ruling(id, pieces, decision, reason, by);
    }

    @Override
    public Map<String, Object> writeEntry(Ruling ruling) {
        return Values.tree(
                "id",
                ruling.id(),
                "pieces",
                ruling.pieces().stream().map(PieceId::value).toList(),
                "decision",
                ruling.decision().id(),
                "reason",
                ruling.reason(),
                "by",
                ruling.by());
    }

    @Override
    protected Map<String, Object> entrySchema() {
        return Shape.object(
                List.of("pieces", "decision"),
                Map.of(
                        "id", Shape.ID,
                        "pieces", Shape.list(1, MOST_PIECES, Shape.ID),
                        "decision", Map.of("enum", Word.ids(Ruling.Decision.class)),
                        "reason", Shape.text(0, LONGEST_REASON),
                        "by", Shape.text(0, LONGEST_BY)));
    }
}
