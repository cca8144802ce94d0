package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Unions;

/**
 * What pair rules charge the ways to wear the options of one slot, for what is worn already: equal vectors are one number, and their
 * unions are worked out once. Not for use by several threads.
 */
final class PairVectors {
    static final int BLANK = 0;

    private final Charges charges;
    private final int ways;
    private final Numbering vectors = new Numbering();
    private long[] charged = new long[64];
    private final Unions unions = new Unions(this::join);
    private final Rows after;

    /**
     * @param ways in how many ways the slot can be filled
     * @param before likewise the slots before it, all together
     */
    PairVectors(Charges charges, int ways, int before) {
        this.charges = charges;
        this.ways = ways;
        this.after = new Rows(before);
        number(new int[ways]);
    }

    /** @param charge for each way a number of {@link Charges} */
    int number(int[] charge) {
        int before = vectors.size();
        int number = vectors.number(charge);
        if (number == before) {
            charged = number == charged.length ? Arrays.copyOf(charged, number * 2) : charged;
            for (int one : charge) {
                charged[number] |= one == Charges.STOP ? 0 : charges.minor(one) | charges.major(one);
            }
        }
        return number;
    }

    /** What each way is charged; not to be written on. */
    int[] get(int vector) {
        return vectors.get(vector);
    }

    /** Every rule that is charged to some way. */
    long charged(int vector) {
        return charged[vector];
    }

    int union(int one, int other) {
        return unions.of(one, other);
    }

    /** For each way to fill a slot before, the union of a vector with what that way charges, for the asker to work out. */
    int[] after(int vector) {
        return after.get(vector);
    }

    private int join(int one, int other) {
        int[] a = vectors.get(one);
        int[] b = vectors.get(other);
        int[] both = new int[ways];
        for (int i = 0; i < ways; i++) {
            both[i] = charges.union(a[i], b[i]);
        }
        return number(both);
    }
}
