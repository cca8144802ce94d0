package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Squares;
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
    /** Vectors of ways to fill another slot, each different one once. */
    private final Numbering kinds = new Numbering();
    /** By vector and kind. */
    private final Squares after = new Squares();

    private final int[] both;

    /** @param ways in how many ways the slot can be filled */
    PairVectors(Charges charges, int ways) {
        this.charges = charges;
        this.ways = ways;
        this.both = new int[ways];
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
    int charge(int vector, int place) {
        return vectors.at(vector, place);
    }

    /** Every rule that is charged to some way. */
    long charged(int vector) {
        return charged[vector];
    }

    int union(int one, int other) {
        return unions.of(one, other);
    }

    /** A vector as one that another is often united with: a small number. */
    int kind(int vector) {
        return kinds.number(new int[] {vector});
    }

    /** The union of a vector with the one of a kind. */
    int with(int vector, int kind) {
        int found = after.get(vector, kind);
        if (found == Squares.UNKNOWN) {
            int other = kinds.at(kind, 0);
            found = vector == other || other == BLANK ? vector : vector == BLANK ? other : join(vector, other);
            after.put(vector, kind, found);
        }
        return found;
    }

    private int join(int one, int other) {
        for (int i = 0; i < ways; i++) {
            both[i] = charges.union(vectors.at(one, i), vectors.at(other, i));
        }
        return number(both);
    }
}
