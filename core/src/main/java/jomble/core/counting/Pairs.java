package jomble.core.counting;

import java.util.function.IntBinaryOperator;

/** What comes of two numbers, each pair worked out once. Not for use by several threads. */
final class Pairs {
    private final IntBinaryOperator work;
    private final KeyTable known = new KeyTable(1);
    private final long[] pair = new long[1];

    /** @param work the number of what comes of two, in this order */
    Pairs(IntBinaryOperator work) {
        this.work = work;
    }

    int of(int one, int other) {
        long key = (long) one << Integer.SIZE | other;
        pair[0] = key;
        int found = known.get(pair);
        if (found == KeyTable.ABSENT) {
            found = work.applyAsInt(one, other);
            pair[0] = key;
            known.put(pair, found);
        }
        return found;
    }
}
