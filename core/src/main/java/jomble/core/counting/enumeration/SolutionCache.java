package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountedSlots;

/** Caches the solutions of a wardrobe for the ways it was last counted, within a memory limit. */
public final class SolutionCache {
    private static final long MOST_BYTES = 100L << 20;

    private final Map<Kind, List<PartitionSolutions>> kept = new LinkedHashMap<>(4, 0.75f, true);

    /**
     * How it was counted: in which slots, whether completions were tracked, and whether daring combinations were
     * included.
     */
    record Kind(CountedSlots counted, boolean completing, boolean includeDaring) {}

    /** All solutions of a kind, or null when they are not cached. */
    List<PartitionSolutions> get(Kind kind) {
        return kept.get(kind);
    }

    /** A buffer for the solutions of a kind. */
    Room room(Kind kind) {
        return new Room(kind);
    }

    /** Buffers solutions until they are complete; drops them when they exceed the memory limit. */
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

        /** Marks the solutions as complete; they are cached from now on. */
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

    /** Approximate memory use in bytes. */
    long bytes() {
        return kept.values().stream().mapToLong(SolutionCache::bytesOf).sum();
    }

    private static long bytesOf(List<PartitionSolutions> found) {
        return found.stream().mapToLong(PartitionSolutions::bytes).sum();
    }
}
