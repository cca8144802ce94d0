package jomble.core.wear;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.piece.PieceId;

/** All wears of a wardrobe, in the order in which they were recorded. */
public record WearLog(List<Wear> wears) {
    public static final WearLog EMPTY = new WearLog(List.of());

    public WearLog {
        wears = List.copyOf(wears);
    }

    /** The latest day each piece was worn; pieces never worn are missing. */
    public Map<PieceId, LocalDate> lastWorn() {
        Map<PieceId, LocalDate> last = new HashMap<>();
        for (Wear wear : wears) {
            wear.pieces().forEach(piece -> last.merge(piece, wear.date(), (a, b) -> a.isAfter(b) ? a : b));
        }
        return last;
    }

    /** How often each piece was worn; pieces never worn are missing. */
    public Map<PieceId, Integer> times() {
        Map<PieceId, Integer> times = new HashMap<>();
        wears.forEach(wear -> wear.pieces().forEach(piece -> times.merge(piece, 1, Integer::sum)));
        return times;
    }
}
