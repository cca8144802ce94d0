package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Unions;

/**
 * Combines the penalty vectors of several slots in one number, for slots that pair rules rarely link to what is already
 * worn. Not thread-safe.
 */
final class JointVectors {
    /** No slot has a penalty. */
    static final int BLANK = 0;

    private final PairVectors[] vectors;
    private final Numbering tuples = new Numbering();
    private long[] penalised = new long[64];
    private final Unions unions = new Unions(this::join);
    private final Rows after;

    /**
     * @param before number of ways of all individual slots together
     * @param vectors the vectors of each slot
     */
    JointVectors(int before, PairVectors... vectors) {
        this.vectors = vectors.clone();
        this.after = new Rows(before);
        number(new int[vectors.length]);
    }

    /** @param tuple one vector number for each slot */
    int number(int[] tuple) {
        int before = tuples.size();
        int number = tuples.number(tuple);
        if (number == before) {
            penalised = number == penalised.length ? Arrays.copyOf(penalised, number * 2) : penalised;
            for (int i = 0; i < tuple.length; i++) {
                penalised[number] |= vectors[i].penalised(tuple[i]);
            }
        }
        return number;
    }

    /** The vector of a slot. */
    int of(int number, int slot) {
        return tuples.at(number, slot);
    }

    /** Every rule of the first word penalised by at least one way of at least one slot. */
    long penalised(int number) {
        return penalised[number];
    }

    int union(int one, int other) {
        return unions.of(one, other);
    }

    /**
     * For each way of an individual slot, the union of a tuple with the penalties of that way; the caller fills it in.
     */
    int[] after(int number) {
        return after.get(number);
    }

    private int join(int one, int other) {
        int[] both = new int[vectors.length];
        for (int i = 0; i < both.length; i++) {
            both[i] = vectors[i].union(tuples.at(one, i), tuples.at(other, i));
        }
        return number(both);
    }
}
