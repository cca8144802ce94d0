package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Rows;

/**
 * The penalties of piece and pair rules for every way to fill the remaining slots, given what is already worn. Each
 * level has a number in its {@link PairVectors}. Not thread-safe.
 */
final class PairPenalties {
    private final CompiledContext context;
    private final PenaltySets penaltySets;
    /** By level, the numbers of the ways to fill it. */
    private final int[][] ways;
    /** By level, the number of ways of all levels before it. */
    private final int[] offsets;

    private final int individual;
    private final PairVectors[] vectors;
    /** By level, the vector that each way of the wardrobe contributes; −1 until computed. */
    private final int[][] vectorNumbers;
    /** By level, the vector kinds contributed by the ways of earlier levels; −1 until computed. */
    private final int[][] kinds;
    /** By level, the vector of its ways on their own. */
    private final int[] alone;

    private final JointVectors jointVectors;
    /** The vector of the joint levels on their own. */
    private final int jointAlone;
    /** The vector that each way of the wardrobe contributes to the joint levels; −1 until computed. */
    private final int[] jointVectorOf;

    /**
     * @param ways by level, the numbers of the ways to fill it
     * @param individual levels before this one have a vector each; the others share one
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

    /** Number of ways to fill a level. */
    int ways(int level) {
        return ways[level].length;
    }

    private int between(int one, int other) {
        return penaltySets.bounded(penaltySets.number(
                context.minor(one, other),
                context.major(one, other),
                context.minorBeyond(one, other),
                context.majorBeyond(one, other)));
    }

    /** Every rule of the first word that a level's ways can violate, alone or together with ways of earlier levels. */
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

    /** The vector of a level given the first {@code count} ways of a body. */
    int over(int level, int[] body, int count) {
        int vector = alone[level];
        for (int i = 0; i < count; i++) {
            vector = vectors[level].union(vector, vectorNumbers(level, body[i]));
        }
        return vector;
    }

    /** The shared vector of the joint levels given the first {@code count} ways of a body. */
    int farOver(int[] body, int count) {
        int joint = jointAlone;
        for (int i = 0; i < count; i++) {
            joint = jointVectors.union(joint, jointVectorOf(body[i]));
        }
        return joint;
    }

    /** The penalty set of one way to fill a level. */
    int penalties(int level, int vector, int place) {
        return vectors[level].penalties(vector, place);
    }

    /** Every rule of the first word penalised by at least one way of a level. */
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

    /** The vector of a level after an earlier level was filled in a given way. */
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
