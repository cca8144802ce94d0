package jomble.core.counting.table;

import java.util.function.IntBinaryOperator;

/** Memoised unions of numbered things; 0 is the empty one. Not thread-safe. */
public final class Unions {
    private final IntBinaryOperator join;
    private final KeyTable known = new KeyTable(1);
    private final long[] pair = new long[1];

    /** @param join computes the union of two different non-zero numbers; commutative */
    public Unions(IntBinaryOperator join) {
        this.join = join;
    }

    public int of(int one, int other) {
        if (one == other || other == 0) {
            return one;
        }
        if (one == 0) {
            return other;
        }
        pair[0] = pair(one, other);
        int found = known.get(pair);
        if (found == KeyTable.ABSENT) {
            found = join.applyAsInt(one, other);
            pair[0] = pair(one, other);
            known.put(pair, found);
        }
        return found;
    }

    private static long pair(int one, int other) {
        return (long) Math.min(one, other) << 32 | Math.max(one, other);
    }
}
