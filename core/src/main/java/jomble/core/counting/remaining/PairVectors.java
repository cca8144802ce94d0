package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Squares;
import jomble.core.counting.table.Unions;

/**
 * What pair rules penalise in the ways to wear the options of one slot, for what is worn already: equal vectors are one number, and their
 * unions are worked out once. Not for use by several threads.
 */
final class PairVectors {
    static final int BLANK = 0;

    private final PenaltySets penaltySets;
    private final int ways;
    private final Numbering vectors = new Numbering();
    private long[] penalised = new long[64];
    private final Unions unions = new Unions(this::join);
    /** Vectors of ways to fill another slot, each different one once. */
    private final Numbering kinds = new Numbering();
    /** By vector and kind. */
    private final Squares after = new Squares();

    private final int[] both;

    /** @param ways in how many ways the slot can be filled */
    PairVectors(PenaltySets penaltySets, int ways) {
        this.penaltySets = penaltySets;
        this.ways = ways;
        this.both = new int[ways];
        number(new int[ways]);
    }

    /** @param penalties for each way a number of {@link PenaltySets} */
    int number(int[] penalties) {
        int before = vectors.size();
        int number = vectors.number(penalties);
        if (number == before) {
            penalised = number == penalised.length ? Arrays.copyOf(penalised, number * 2) : penalised;
            for (int one : penalties) {
                penalised[number] |= one == PenaltySets.STOP ? 0 : penaltySets.minor(one) | penaltySets.major(one);
            }
        }
        return number;
    }

    /** The penalties of a way. */
    int penalties(int vector, int place) {
        return vectors.at(vector, place);
    }

    /** Every rule that is penalised in some way. */
    long penalised(int vector) {
        return penalised[vector];
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
            both[i] = penaltySets.union(vectors.at(one, i), vectors.at(other, i));
        }
        return number(both);
    }
}
