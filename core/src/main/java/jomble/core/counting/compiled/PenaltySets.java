package jomble.core.counting.compiled;

import java.util.Arrays;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Squares;
import jomble.core.judgement.Verdict;

/**
 * Interned sets of penalised rules: equal sets of minor and major findings share a number. Sets with rules in the
 * second word are looked up in a table of their own, because most have none. Not thread-safe.
 */
public final class PenaltySets {
    public static final int NOTHING = 0;
    public static final int STOP = 1;
    /** The first word of the major mask of something that cannot be worn; its points exceed every limit. */
    public static final long EVERY_RULE = -1L;

    private static final int MOST_POINTS = Verdict.DARING.mostPoints();

    private long[] minor = new long[64];
    private long[] major = new long[64];
    private long[] minorBeyond = new long[64];
    private long[] majorBeyond = new long[64];
    private int[] points = new int[64];
    private int size;
    private final KeyTable known = new KeyTable(2);
    private final KeyTable knownBeyond = new KeyTable(4);
    private final Squares unions = new Squares();
    private final long[] masks = new long[4];

    public PenaltySets() {
        number(0, 0);
        number(0, EVERY_RULE);
    }

    /** The number of a set in the first word alone, see {@link #number(long, long, long, long)}. */
    public int number(long lesser, long greater) {
        return number(lesser, greater, 0, 0);
    }

    public int number(Penalties penalties) {
        return number(penalties.minor(), penalties.major(), penalties.minorBeyond(), penalties.majorBeyond());
    }

    /**
     * The number of a set.
     *
     * @param lesser rules with a minor finding, {@code greater} with a major one, in the first word and in the second;
     *     a rule in both counts as the greater
     */
    public int number(long lesser, long greater, long lesserBeyond, long greaterBeyond) {
        masks[0] = lesser & ~greater;
        masks[1] = greater;
        masks[2] = lesserBeyond & ~greaterBeyond;
        masks[3] = greaterBeyond;
        KeyTable table = (masks[2] | masks[3]) == 0 ? known : knownBeyond;
        int found = table.get(masks);
        if (found == KeyTable.ABSENT) {
            found = size++;
            table.put(masks, found);
            if (found == minor.length) {
                minor = Arrays.copyOf(minor, found * 2);
                major = Arrays.copyOf(major, found * 2);
                minorBeyond = Arrays.copyOf(minorBeyond, found * 2);
                majorBeyond = Arrays.copyOf(majorBeyond, found * 2);
                points = Arrays.copyOf(points, found * 2);
            }
            minor[found] = masks[0];
            major[found] = masks[1];
            minorBeyond[found] = masks[2];
            majorBeyond[found] = masks[3];
            points[found] = points(masks[0], masks[1]) + points(masks[2], masks[3]);
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

    public long minorBeyond(int number) {
        return minorBeyond[number];
    }

    public long majorBeyond(int number) {
        return majorBeyond[number];
    }

    /** Whether two sets, of this and another, are of the same rules. */
    public boolean isSame(int number, PenaltySets others, int other) {
        return minor[number] == others.minor[other]
                && major[number] == others.major[other]
                && minorBeyond[number] == others.minorBeyond[other]
                && majorBeyond[number] == others.majorBeyond[other];
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
                    : bounded(number(
                            minor[one] | minor[other],
                            major[one] | major[other],
                            minorBeyond[one] | minorBeyond[other],
                            majorBeyond[one] | majorBeyond[other]));
            unions.put(one, other, found);
        }
        return found;
    }

    /** The part of a set that concerns some rules of the first word and some of the second. */
    public int within(long rules, long rulesBeyond, int number) {
        long lesser = minor[number] & rules;
        long greater = major[number] & rules;
        long lesserBeyond = minorBeyond[number] & rulesBeyond;
        long greaterBeyond = majorBeyond[number] & rulesBeyond;
        boolean isWhole = lesser == minor[number]
                && greater == major[number]
                && lesserBeyond == minorBeyond[number]
                && greaterBeyond == majorBeyond[number];
        return isWhole ? number : number(lesser, greater, lesserBeyond, greaterBeyond);
    }

    /** Points of OR-ed masks; a rule counts once, by its worst finding. */
    public static int points(long minor, long major) {
        return 2 * Long.bitCount(major) + Long.bitCount(minor & ~major);
    }
}
