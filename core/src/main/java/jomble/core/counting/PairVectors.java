package jomble.core.counting;

import java.nio.LongBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What pair rules charge the ways to wear the options of one slot, for what is worn already: equal vectors are one number, and their
 * unions are worked out once. Not for use by several threads.
 */
final class PairVectors {
    static final int BLANK = 0;

    private final int ways;
    private final List<long[]> vectors = new ArrayList<>();
    private final List<Long> charged = new ArrayList<>();
    private final Map<LongBuffer, Integer> known = new HashMap<>();
    private final KeyTable unions = new KeyTable(1);
    private final long[] pair = new long[1];

    PairVectors(int ways) {
        this.ways = ways;
        number(new long[2 * ways]);
    }

    /** @param masks for each way the minor mask, then for each the major mask */
    int number(long[] masks) {
        for (int i = 0; i < ways; i++) {
            masks[i] &= ~masks[ways + i];
        }
        return known.computeIfAbsent(LongBuffer.wrap(masks), v -> {
            vectors.add(masks);
            charged.add(charged(masks));
            return vectors.size() - 1;
        });
    }

    private static long charged(long[] masks) {
        long all = 0;
        for (long mask : masks) {
            all |= mask == FindingMasks.STOP ? 0 : mask;
        }
        return all;
    }

    long minor(int vector, int way) {
        return vectors.get(vector)[way];
    }

    long major(int vector, int way) {
        return vectors.get(vector)[ways + way];
    }

    /** Every rule that is charged to some way. */
    long charged(int vector) {
        return charged.get(vector);
    }

    int union(int one, int other) {
        if (one == other || other == BLANK) {
            return one;
        }
        if (one == BLANK) {
            return other;
        }
        pair[0] = (long) Math.min(one, other) << 32 | Math.max(one, other);
        int found = unions.get(pair);
        if (found == KeyTable.ABSENT) {
            long[] masks = vectors.get(one).clone();
            long[] more = vectors.get(other);
            for (int i = 0; i < masks.length; i++) {
                masks[i] |= more[i];
            }
            found = number(masks);
            unions.put(pair, found);
        }
        return found;
    }
}
