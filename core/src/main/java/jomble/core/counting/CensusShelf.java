package jomble.core.counting;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Keeps what was last found of a wardrobe, counted in one way and another, within bounds of memory. */
final class CensusShelf {
    /** An edge takes 6 bytes, and 2 or so more for all that comes with it: some 50 MB. */
    private static final long MOST_EDGES = 6_000_000;

    private final Map<Kind, List<Census>> kept = new LinkedHashMap<>(4, 0.75f, true);

    /** How it was counted: in which slots, and whether up to those who complete a combination, of daring ones or not. */
    record Kind(CountedSlots counted, boolean completing, boolean includeDaring) {}

    /** Null where it is not kept. */
    List<Census> get(Kind kind) {
        return kept.get(kind);
    }

    void put(Kind kind, List<Census> found) {
        kept.put(kind, found);
        long edges = kept.values().stream().mapToLong(CensusShelf::edges).sum();
        Iterator<List<Census>> oldest = kept.values().iterator();
        while (edges > MOST_EDGES) {
            edges -= edges(oldest.next());
            oldest.remove();
        }
    }

    private static long edges(List<Census> found) {
        return found.stream().mapToLong(census -> census.graph().edges()).sum();
    }
}
