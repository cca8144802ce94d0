package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.table.Rows;

/**
 * What rules about pieces and pairs charge the ways to fill the levels of a tail, for what is worn already, each level by a number of
 * its {@link PairVectors}. Not for use by several threads.
 */
final class PairCharges {
    private final CompiledContext context;
    private final Charges charges;
    /** By level, the numbers of the ways to fill it. */
    private final int[][] ways;
    /** By level, the number of ways to fill those before it. */
    private final int[] offsets;

    private final int near;
    private final PairVectors[] vectors;
    /** By level, what each way of the wardrobe charges the ways to fill it; −1 until it was worked out. */
    private final int[][] said;
    /** By level, the kinds of vectors that the ways to fill those before it charge; −1 until it was worked out. */
    private final int[][] kinds;
    /** By level, what its ways are charged by themselves. */
    private final int[] alone;

    private final FarVectors farVectors;
    /** What the ways of the far levels are charged by themselves. */
    private final int farAlone;
    /** What each way of the wardrobe charges the far levels; −1 until it was worked out. */
    private final int[] farSaid;

    /**
     * @param ways by level, the numbers of the ways to fill it
     * @param near levels before this one are looked at one by one, the others together
     */
    PairCharges(CompiledContext context, Charges charges, int[][] ways, int near, int wardrobe) {
        int levels = ways.length;
        this.context = context;
        this.charges = charges;
        this.ways = ways;
        this.near = near;
        this.offsets = new int[levels + 1];
        this.vectors = new PairVectors[levels];
        this.said = new int[levels][wardrobe];
        this.kinds = new int[levels][];
        this.alone = new int[levels];
        for (int level = 0; level < levels; level++) {
            vectors[level] = new PairVectors(charges, ways[level].length);
            kinds[level] = new int[offsets[level]];
            Arrays.fill(kinds[level], Rows.UNKNOWN);
            offsets[level + 1] = offsets[level] + ways[level].length;
            alone[level] = vectors[level].number(
                    Arrays.stream(ways[level]).map(way -> between(way, way)).toArray());
            Arrays.fill(said[level], Rows.UNKNOWN);
        }
        this.farVectors = new FarVectors(offsets[near], Arrays.copyOfRange(vectors, near, levels));
        this.farAlone = farVectors.number(Arrays.copyOfRange(alone, near, levels));
        this.farSaid = new int[wardrobe];
        Arrays.fill(farSaid, Rows.UNKNOWN);
    }

    /** In how many ways a level can be filled. */
    int ways(int level) {
        return ways[level].length;
    }

    private int between(int one, int other) {
        return charges.bounded(charges.number(context.minor(one, other), context.major(one, other)));
    }

    /** Everything a level's ways may ever be charged by those of its own level and of the ones before. */
    long within(int level) {
        long mask = 0;
        for (int way : ways[level]) {
            mask |= context.minor(way, way) | unlessStop(context.major(way, way));
            for (int before = 0; before < level; before++) {
                for (int beside : ways[before]) {
                    mask |= context.minor(way, beside) | unlessStop(context.major(way, beside));
                }
            }
        }
        return mask;
    }

    private static long unlessStop(long major) {
        return major == Charges.EVERY_RULE ? 0 : major;
    }

    /** The vector of a level over the first ways of a body. */
    int over(int level, int[] body, int count) {
        int vector = alone[level];
        for (int i = 0; i < count; i++) {
            vector = vectors[level].union(vector, said(level, body[i]));
        }
        return vector;
    }

    /** Those of the far levels together. */
    int farOver(int[] body, int count) {
        int far = farAlone;
        for (int i = 0; i < count; i++) {
            far = farVectors.union(far, farSaid(body[i]));
        }
        return far;
    }

    /** What a way to fill a level is charged. */
    int charge(int level, int vector, int place) {
        return vectors[level].charge(vector, place);
    }

    /** Every rule that is charged to some way of a level. */
    long rules(int level, int vector) {
        return vectors[level].charged(vector);
    }

    long farRules(int far) {
        return farVectors.charged(far);
    }

    /** The vector of a far level. */
    int ofFar(int far, int level) {
        return farVectors.of(far, level - near);
    }

    /** The vector of a level once one before it was filled in one of its ways. */
    int with(int level, int vector, int filled, int place) {
        int column = offsets[filled] + place;
        if (kinds[level][column] == Rows.UNKNOWN) {
            kinds[level][column] = vectors[level].kind(said(level, ways[filled][place]));
        }
        return vectors[level].with(vector, kinds[level][column]);
    }

    int farWith(int far, int filled, int place) {
        int[] after = farVectors.after(far);
        int column = offsets[filled] + place;
        if (after[column] == Rows.UNKNOWN) {
            after[column] = farVectors.union(far, farSaid(ways[filled][place]));
        }
        return after[column];
    }

    private int said(int level, int way) {
        if (said[level][way] == Rows.UNKNOWN) {
            int[] there = ways[level];
            int[] vector = new int[there.length];
            for (int i = 0; i < there.length; i++) {
                vector[i] = between(way, there[i]);
            }
            said[level][way] = vectors[level].number(vector);
        }
        return said[level][way];
    }

    private int farSaid(int way) {
        if (farSaid[way] == Rows.UNKNOWN) {
            int[] tuple = new int[ways.length - near];
            for (int level = near; level < ways.length; level++) {
                tuple[level - near] = said(level, way);
            }
            farSaid[way] = farVectors.number(tuple);
        }
        return farSaid[way];
    }
}
