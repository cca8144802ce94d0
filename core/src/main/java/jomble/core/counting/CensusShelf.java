package jomble.core.counting;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Keeps what was last found of a wardrobe, counted in one way and another, within bounds of memory. */
final class CensusShelf {
    private static final long MOST_BYTES = 100L << 20;

    private final Map<Kind, List<Census>> kept = new LinkedHashMap<>(4, 0.75f, true);

    /** How it was counted: in which slots, and whether up to those who complete a combination, of daring ones or not. */
    record Kind(CountedSlots counted, boolean completing, boolean includeDaring) {}

    /** Null where it is not kept. */
    List<Census> get(Kind kind) {
        return kept.get(kind);
    }

    void put(Kind kind, List<Census> found) {
        kept.put(kind, found);
        Iterator<List<Census>> oldest = kept.values().iterator();
        for (long bytes = bytes(); bytes > MOST_BYTES; ) {
            bytes -= bytes(oldest.next());
            oldest.remove();
        }
    }

    /** About how much memory it takes. */
    long bytes() {
        return kept.values().stream().mapToLong(CensusShelf::bytes).sum();
    }

    private static long bytes(List<Census> found) {
        return found.stream().mapToLong(Census::bytes).sum();
    }
}
