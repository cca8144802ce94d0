package jomble.core.wear;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Shape;
import jomble.core.document.part.Values;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/** The wear log in document form: {@code {"id": "w1", "date": "2027-01-08", "pieces": ["p1", "p7"]}}. */
public final class WearPart extends EntryPart<Wear> {
    private static final int MOST_WEARS = 100_000;
    private static final int MOST_PIECES = 40;
    /** Years before 0 and after 9999 are read as well, so that a log with a slip in it can be opened and mended. */
    public WearPart() {
        super("wears", "wear", MOST_WEARS, Wear::id);
    }

    @Override
    public LocalDate day(Wear wear) {
        return wear.date();
    }

    @Override
    protected boolean mayLackId() {
        return true;
    }

    @Override
    protected Wear readEntry(Node item) {
        item.fields(List.of("id", "date", "pieces"));
        String id = item.field("id").text(1, 64);
        LocalDate date = item.field("date").date();
        List<PieceId> pieces = Values.pieceIds(item.field("pieces"), MOST_PIECES);
        if (pieces.isEmpty()) {
            item.field("pieces").reject("no-pieces", "at least one piece is expected here");
        }
        return id == null || date == null || pieces.isEmpty() ? null : new Wear(id, date, pieces);
    }

    @Override
    public Map<String, Object> writeEntry(Wear wear) {
        return Values.tree(
                "id",
                wear.id(),
                "date",
                wear.date().toString(),
                "pieces",
                wear.pieces().stream().map(PieceId::value).toList());
    }

    @Override
    protected Map<String, Object> entrySchema() {
        return Shape.object(
                List.of("date", "pieces"),
                Map.of("id", Shape.ID, "date", Shape.DATE, "pieces", Shape.list(1, MOST_PIECES, Shape.ID)));
    }
}
