package jomble.core.counting.compiled;

import java.util.Arrays;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Squares;
import jomble.core.judgement.Verdict;

/** Interned sets of penalised rules: equal sets of minor and major findings share a number. Not thread-safe. */
public final class PenaltySets {
    public static final int NOTHING = 0;
    public static final int STOP = 1;
    /** The major mask of something that cannot be worn; its points exceed every limit. */
    public static final long EVERY_RULE = -1L;

    private static final int MOST_POINTS = Verdict.DARING.mostPoints();

    private long[] minor = new long[64];
    private long[] major = new long[64];
    private int[] points = new int[64];
    private int size;
    private final KeyTable known = new KeyTable(2);
    private final Squares unions = new Squares();
    private final long[] masks = new long[2];

    public PenaltySets() {
        number(0, 0);
        number(0, EVERY_RULE);
    }

    /** @param lesser rules with a minor finding, {@code greater} with a major one; a rule in both counts as the greater */
    public int number(long lesser, long greater) {
        masks[0] = lesser & ~greater;
        masks[1] = greater;
        int found = known.get(masks);
        if (found == KeyTable.ABSENT) {
            found = size++;
            known.put(masks, found);
            if (found == minor.length) {
                minor = Arrays.copyOf(minor, found * 2);
                major = Arrays.copyOf(major, found * 2);
                points = Arrays.copyOf(points, found * 2);
            }
            minor[found] = masks[0];
            major[found] = masks[1];
            points[found] = points(masks[0], masks[1]);
        }
        return found;
    }

    /** Points of a set; above {@link #MOST_POINTS} for a stop. */
    public int points(int number) {
        return points[number];
    }

    public long minor(int number) {
        return minor[number];
    }

    public long major(int number) {
        return major[number];
    }

    /** The same set if an outfit can survive it, otherwise the stop; everything unwearable is one set. */
    public int bounded(int number) {
        return points[number] > MOST_POINTS ? STOP : number;
    }

    /** The bounded union of two bounded sets. */
    public int union(int one, int other) {
        if (one == NOTHING || one == other) {
            return other;
        }
        if (other == NOTHING) {
            return one;
        }
        int found = unions.get(one, other);
        if (found == Squares.UNKNOWN) {
            found = one == STOP || other == STOP
                    ? STOP
                    : bounded(number(minor[one] | minor[other], major[one] | major[other]));
            unions.put(one, other, found);
        }
        return found;
    }

    /** The part of a set that concerns some rules. */
    public int within(long rules, int number) {
        long lesser = minor[number] & rules;
        long greater = major[number] & rules;
        return lesser == minor[number] && greater == major[number] ? number : number(lesser, greater);
    }

    /** Points of OR-ed masks; a rule counts once, by its worst finding. */
    public static int points(long minor, long major) {
        return 2 * Long.bitCount(major) + Long.bitCount(minor & ~major);
    }
}
