package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountedSlots;

/** Keeps what was last found of a wardrobe, counted in one way and another, within bounds of memory. */
public final class SolutionCache {
    private static final long MOST_BYTES = 100L << 20;

    private final Map<Kind, List<PartitionSolutions>> kept = new LinkedHashMap<>(4, 0.75f, true);

    /** How it was counted: in which slots, and whether up to those who complete a combination, of daring ones or not. */
    record Kind(CountedSlots counted, boolean completing, boolean includeDaring) {}

    /** All of a kind, or null where it is not kept. */
    List<PartitionSolutions> get(Kind kind) {
        return kept.get(kind);
    }

    /** Where to put what is found of a kind. */
    Room room(Kind kind) {
        return new Room(kind);
    }

    /** Holds what is found until it is all there, unless it becomes too much. */
    final class Room {
        private final Kind kind;
        private final List<PartitionSolutions> found = new ArrayList<>();
        private long bytes;

        private Room(Kind kind) {
            this.kind = kind;
        }

        void put(PartitionSolutions solutions) {
            bytes += solutions.bytes();
            if (bytes > MOST_BYTES) {
                found.clear();
            } else {
                found.add(solutions);
            }
        }

        /** When all was put there: from then on it is kept. */
        void close() {
            if (bytes <= MOST_BYTES) {
                kept.put(kind, found);
                Iterator<List<PartitionSolutions>> oldest = kept.values().iterator();
                for (long all = bytes(); all > MOST_BYTES; ) {
                    all -= bytesOf(oldest.next());
                    oldest.remove();
                }
            }
        }
    }

    /** About how much memory it takes. */
    long bytes() {
        return kept.values().stream().mapToLong(SolutionCache::bytesOf).sum();
    }

    private static long bytesOf(List<PartitionSolutions> found) {
        return found.stream().mapToLong(PartitionSolutions::bytes).sum();
    }
}
