package jomble.core.counting;

import java.nio.IntBuffer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * An ordered decision diagram over the counted slots that are put on over a dressed body: a node asks for one slot's piece, has a child
 * for the empty slot and for every option, and ends in a verdict. Equal nodes are one node; a node of which nothing comes is {@link
 * #NO}. Not for use by several threads.
 *
 * <p>A reduced ordered decision diagram (doi:10.1109/TC.1986.1676819), here with many children a node and three terminals.
 */
final class Diagram {
    static final int NO = 0;
    static final int DARING = 1;
    static final int WORKS = 2;
    private static final int FIRST_CAPACITY = 1024;

    /** The children of each node, and last its level: nodes are equal when both are. */
    private int[][] children = new int[FIRST_CAPACITY][];

    private long[] works = new long[FIRST_CAPACITY];
    private long[] daring = new long[FIRST_CAPACITY];
    private boolean[] complete = new boolean[FIRST_CAPACITY];
    private int size = WORKS + 1;
    private final Map<IntBuffer, Integer> known = new HashMap<>();
    private final KeyTable united = new KeyTable(1);
    private final long[] pair = new long[1];

    Diagram() {
        daring[DARING] = 1;
        works[WORKS] = 1;
        complete[WORKS] = true;
    }

    static boolean isTerminal(int node) {
        return node <= WORKS;
    }

    int size() {
        return size;
    }

    /**
     * @param level place of the slot asked for
     * @param of nodes of the next level; the first for the empty slot
     * @throws ArithmeticException when it stands for more than 2^63 − 1 combinations
     */
    int node(int level, int[] of) {
        int[] kept = Arrays.copyOf(of, of.length + 1);
        kept[of.length] = level;
        Integer same = known.get(IntBuffer.wrap(kept));
        if (same != null) {
            return same;
        }
        long sumWorks = 0;
        long sumDaring = 0;
        boolean all = true;
        for (int child : of) {
            sumWorks = Math.addExact(sumWorks, works[child]);
            sumDaring = Math.addExact(sumDaring, daring[child]);
            all &= complete[child];
        }
        int node = sumWorks == 0 && sumDaring == 0 ? NO : append(kept, sumWorks, sumDaring, all);
        known.put(IntBuffer.wrap(kept), node);
        return node;
    }

    private int append(int[] of, long sumWorks, long sumDaring, boolean all) {
        if (size == works.length) {
            children = Arrays.copyOf(children, size * 2);
            works = Arrays.copyOf(works, size * 2);
            daring = Arrays.copyOf(daring, size * 2);
            complete = Arrays.copyOf(complete, size * 2);
        }
        children[size] = of;
        works[size] = sumWorks;
        daring[size] = sumDaring;
        complete[size] = all;
        return size++;
    }

    /** The node that gives every combination the better of two verdicts; both of one level, or NO. */
    int better(int one, int other) {
        if (one == other || other == NO || complete[one]) {
            return one;
        }
        if (one == NO || complete[other]) {
            return other;
        }
        if (isTerminal(one)) {
            return Math.max(one, other);
        }
        pair[0] = (long) Math.min(one, other) << 32 | Math.max(one, other);
        int found = united.get(pair);
        if (found != KeyTable.ABSENT) {
            return found;
        }
        int[] best = new int[choices(one)];
        for (int i = 0; i < best.length; i++) {
            best[i] = better(children[one][i], children[other][i]);
        }
        int node = node(level(one), best);
        pair[0] = (long) Math.min(one, other) << 32 | Math.max(one, other);
        united.put(pair, node);
        return node;
    }

    /** Combinations that work. */
    long works(int node) {
        return works[node];
    }

    long daring(int node) {
        return daring[node];
    }

    /** Whether every combination works, so that nothing can be better. */
    boolean isComplete(int node) {
        return complete[node];
    }

    /** The child for the empty slot at 0, for the options from 1 on. */
    int child(int node, int choice) {
        return node == NO ? NO : children[node][choice];
    }

    int level(int node) {
        return children[node][choices(node)];
    }

    int choices(int node) {
        return children[node].length - 1;
    }
}
