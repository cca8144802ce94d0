package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Rows;

/**
 * What rules about pieces and pairs penalise in the ways to fill the levels of the remaining slots, for what is worn already, each level by a number of
 * its {@link PairVectors}. Not for use by several threads.
 */
final class PairPenalties {
    private final CompiledContext context;
    private final PenaltySets penaltySets;
    /** By level, the numbers of the ways to fill it. */
    private final int[][] ways;
    /** By level, the number of ways to fill those before it. */
    private final int[] offsets;

    private final int individual;
    private final PairVectors[] vectors;
    /** By level, what each way of the wardrobe adds to the penalties of the ways to fill it; −1 until it was worked out. */
    private final int[][] vectorNumbers;
    /** By level, the kinds of vectors that the ways to fill those before it penalise; −1 until it was worked out. */
    private final int[][] kinds;
    /** By level, the penalties of its ways by themselves. */
    private final int[] alone;

    private final JointVectors jointVectors;
    /** The penalties of the ways of the joint levels by themselves. */
    private final int jointAlone;
    /** What each way of the wardrobe adds to the penalties of the joint levels; −1 until it was worked out. */
    private final int[] jointVectorOf;

    /**
     * @param ways by level, the numbers of the ways to fill it
     * @param individual levels before this one are looked at one by one, the others together
     */
    PairPenalties(CompiledContext context, PenaltySets penaltySets, int[][] ways, int individual, int wardrobe) {
        int levels = ways.length;
        this.context = context;
        this.penaltySets = penaltySets;
        this.ways = ways;
        this.individual = individual;
        this.offsets = new int[levels + 1];
        this.vectors = new PairVectors[levels];
        this.vectorNumbers = new int[levels][wardrobe];
        this.kinds = new int[levels][];
        this.alone = new int[levels];
        for (int level = 0; level < levels; level++) {
            vectors[level] = new PairVectors(penaltySets, ways[level].length);
            kinds[level] = new int[offsets[level]];
            Arrays.fill(kinds[level], Rows.UNKNOWN);
            offsets[level + 1] = offsets[level] + ways[level].length;
            alone[level] = vectors[level].number(
                    Arrays.stream(ways[level]).map(way -> between(way, way)).toArray());
            Arrays.fill(vectorNumbers[level], Rows.UNKNOWN);
        }
        this.jointVectors = new JointVectors(offsets[individual], Arrays.copyOfRange(vectors, individual, levels));
        this.jointAlone = jointVectors.number(Arrays.copyOfRange(alone, individual, levels));
        this.jointVectorOf = new int[wardrobe];
        Arrays.fill(jointVectorOf, Rows.UNKNOWN);
    }

    /** In how many ways a level can be filled. */
    int ways(int level) {
        return ways[level].length;
    }

    private int between(int one, int other) {
        return penaltySets.bounded(penaltySets.number(context.minor(one, other), context.major(one, other)));
    }

    /** Every penalty a level's ways may ever get from those of its own level and of the ones before. */
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
        return major == PenaltySets.EVERY_RULE ? 0 : major;
    }

    /** The vector of a level over the first ways of a body. */
    int over(int level, int[] body, int count) {
        int vector = alone[level];
        for (int i = 0; i < count; i++) {
            vector = vectors[level].union(vector, vectorNumbers(level, body[i]));
        }
        return vector;
    }

    /** Those of the joint levels together. */
    int farOver(int[] body, int count) {
        int joint = jointAlone;
        for (int i = 0; i < count; i++) {
            joint = jointVectors.union(joint, jointVectorOf(body[i]));
        }
        return joint;
    }

    /** The penalties of a way to fill a level. */
    int penalties(int level, int vector, int place) {
        return vectors[level].penalties(vector, place);
    }

    /** Every rule that is penalised in some way of a level. */
    long rules(int level, int vector) {
        return vectors[level].penalised(vector);
    }

    long jointRules(int joint) {
        return jointVectors.penalised(joint);
    }

    /** The vector of a joint level. */
    int ofJoint(int joint, int level) {
        return jointVectors.of(joint, level - individual);
    }

    /** The vector of a level once one before it was filled in one of its ways. */
    int with(int level, int vector, int filled, int place) {
        int column = offsets[filled] + place;
        if (kinds[level][column] == Rows.UNKNOWN) {
            kinds[level][column] = vectors[level].kind(vectorNumbers(level, ways[filled][place]));
        }
        return vectors[level].with(vector, kinds[level][column]);
    }

    int jointWith(int joint, int filled, int place) {
        int[] after = jointVectors.after(joint);
        int column = offsets[filled] + place;
        if (after[column] == Rows.UNKNOWN) {
            after[column] = jointVectors.union(joint, jointVectorOf(ways[filled][place]));
        }
        return after[column];
    }

    private int vectorNumbers(int level, int way) {
        if (vectorNumbers[level][way] == Rows.UNKNOWN) {
            int[] there = ways[level];
            int[] vector = new int[there.length];
            for (int i = 0; i < there.length; i++) {
                vector[i] = between(way, there[i]);
            }
            vectorNumbers[level][way] = vectors[level].number(vector);
        }
        return vectorNumbers[level][way];
    }

    private int jointVectorOf(int way) {
        if (jointVectorOf[way] == Rows.UNKNOWN) {
            int[] tuple = new int[ways.length - individual];
            for (int level = individual; level < ways.length; level++) {
                tuple[level - individual] = vectorNumbers(level, way);
            }
            jointVectorOf[way] = jointVectors.number(tuple);
        }
        return jointVectorOf[way];
    }
}
