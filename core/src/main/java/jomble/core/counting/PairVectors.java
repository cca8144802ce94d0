package jomble.core.counting;

import java.util.Arrays;

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

    PairVectors(Charges charges, int ways) {
        this.charges = charges;
        this.ways = ways;
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

    /** What a way is charged. */
    int charge(int vector, int way) {
        return vectors.get(vector)[way];
    }

    /** Every rule that is charged to some way. */
    long charged(int vector) {
        return charged[vector];
    }

    int union(int one, int other) {
        return unions.of(one, other);
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
