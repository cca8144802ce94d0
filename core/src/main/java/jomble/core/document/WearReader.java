package jomble.core.document;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import jomble.core.wear.Wear;
import jomble.core.wear.WearLog;

/** The wear log in document form: {@code {"date": "2027-01-08", "pieces": ["p1", "p7"]}}. */
final class WearReader {
    private static final int MOST_WEARS = 100_000;
    private static final int MOST_PIECES = 40;
    /** Years before 0 and after 9999 are read as well, so that a log with a slip in it can be opened and mended. */
    private static final int LONGEST_DATE = 16;

    private WearReader() {}

    static WearLog read(Node node) {
        List<Wear> wears = new ArrayList<>();
        for (Node item : node.items(MOST_WEARS)) {
            item.fields(List.of("date", "pieces"));
            LocalDate date = date(item.field("date"));
            Set<PieceId> pieces = new LinkedHashSet<>();
            for (Node piece : item.field("pieces").items(MOST_PIECES)) {
                String id = piece.text(1, 64);
                if (id != null && !pieces.add(new PieceId(id))) {
                    piece.reject("twice", "the piece " + id + " is named twice");
                }
            }
            if (pieces.isEmpty()) {
                item.field("pieces").reject("no-pieces", "at least one piece is expected here");
            } else if (date != null) {
                wears.add(new Wear(date, List.copyOf(pieces)));
            }
        }
        return new WearLog(wears);
    }

    private static LocalDate date(Node node) {
        String text = node.text(1, LONGEST_DATE);
        try {
            return text == null ? null : LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            node.reject("not-a-date", "a date of the form 2027-01-08 is expected here");
            return null;
        }
    }

    static List<Map<String, Object>> write(WearLog log) {
        List<Map<String, Object>> tree = new ArrayList<>();
        for (Wear wear : log.wears()) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("date", wear.date().toString());
            one.put("pieces", wear.pieces().stream().map(PieceId::value).toList());
            tree.add(one);
        }
        return tree;
    }
}
