package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Squares;
import jomble.core.counting.table.Unions;

/**
 * Penalty vectors of one slot: for each way to fill it, the penalties that pair rules give it together with what is
 * already worn. Equal vectors share a number, and each union is computed once. Not thread-safe.
 */
final class PairVectors {
    static final int BLANK = 0;

    private final PenaltySets penaltySets;
    private final int ways;
    private final Numbering vectors = new Numbering();
    private long[] penalised = new long[64];
    private final Unions unions = new Unions(this::join);
    /** The distinct vectors that other slots contribute. */
    private final Numbering kinds = new Numbering();
    /** The union of a vector and a kind. */
    private final Squares after = new Squares();

    private final int[] both;

    /** @param ways number of ways to fill the slot */
    PairVectors(PenaltySets penaltySets, int ways) {
        this.penaltySets = penaltySets;
        this.ways = ways;
        this.both = new int[ways];
        number(new int[ways]);
    }

    /** @param penalties the penalty set number of each way */
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

    /** The penalty set of a way. */
    int penalties(int vector, int place) {
        return vectors.at(vector, place);
    }

    /** Every rule of the first word penalised by at least one way. */
    long penalised(int vector) {
        return penalised[vector];
    }

    int union(int one, int other) {
        return unions.of(one, other);
    }

    /** Registers a vector that others are often united with and returns its kind, a small number. */
    int kind(int vector) {
        return kinds.number(new int[] {vector});
    }

    /** The union of a vector and a kind. */
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
