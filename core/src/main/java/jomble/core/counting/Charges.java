package jomble.core.counting;

import java.util.Arrays;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Unions;
import jomble.core.judgement.Verdict;

/**
 * Numbers for the rules that are charged together: equal sets of minor and major findings have one number. Not for use by several
 * threads.
 */
final class Charges {
    static final int NOTHING = 0;
    static final int STOP = 1;
    /** The major findings of what cannot be worn: no sum of points survives them. */
    static final long EVERY_RULE = -1L;

    private static final int MOST_POINTS = Verdict.DARING.mostPoints();

    private long[] minor = new long[64];
    private long[] major = new long[64];
    private int size;
    private final KeyTable known = new KeyTable(2);
    private final Unions unions = new Unions(this::join);
    private final long[] masks = new long[2];

    Charges() {
        number(0, 0);
        number(0, EVERY_RULE);
    }

    /** @param lesser rules with a minor finding, {@code greater} with a major one; a rule in both counts as the greater */
    int number(long lesser, long greater) {
        masks[0] = lesser & ~greater;
        masks[1] = greater;
        int found = known.get(masks);
        if (found == KeyTable.ABSENT) {
            found = size++;
            known.put(masks, found);
            if (found == minor.length) {
                minor = Arrays.copyOf(minor, found * 2);
                major = Arrays.copyOf(major, found * 2);
            }
            minor[found] = masks[0];
            major[found] = masks[1];
        }
        return found;
    }

    long minor(int number) {
        return minor[number];
    }

    long major(int number) {
        return major[number];
    }

    /** The same where an outfit survives it, else a stop: what cannot be worn is all one. */
    int bounded(int number) {
        return points(minor[number], major[number]) > MOST_POINTS ? STOP : number;
    }

    /** Both together, bounded. */
    int union(int one, int other) {
        return unions.of(one, other);
    }

    private int join(int one, int other) {
        return one == STOP || other == STOP
                ? STOP
                : bounded(number(minor[one] | minor[other], major[one] | major[other]));
    }

    /** Points of masks that were OR-ed together: a rule counts once, by its worst. */
    static int points(long minor, long major) {
        return 2 * Long.bitCount(major) + Long.bitCount(minor & ~major);
    }
}
