package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.table.Figures;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Numbering;

/**
 * An ordered decision diagram over the counted slots that are filled after the body is dressed. A node represents one
 * slot; it has a child for leaving the slot empty and one for every option, and paths end in a verdict. Equal nodes are
 * shared, and a node that leads to no combination is {@link #NO}. Not thread-safe.
 *
 * <p>It is a reduced ordered decision diagram (doi:10.1109/TC.1986.1676819) with multi-valued variables and three
 * terminals, or one terminal for each completion set.
 */
public final class Diagram {
    public static final int NO = 0;
    public static final int DARING = 1;
    public static final int WORKS = 2;
    private static final int FIRST_CAPACITY = 1024;
    private static final int MOST_CHILDREN = 1 << 22;

    /** The children of each node followed by its level; nodes are equal when both are. */
    private final Numbering children = new Numbering();

    private int[] written = {};

    private final Figures works = new Figures(FIRST_CAPACITY);
    private final Figures daring = new Figures(FIRST_CAPACITY);
    private boolean[] complete = new boolean[FIRST_CAPACITY];
    private final CompletionSets completionSets;
    private final KeyTable united = new KeyTable(1);
    private final long[] pair = new long[1];

    public Diagram() {
        this(null);
    }

    /** @param completionSets the terminals when completions are tracked, null when only verdicts are */
    public Diagram(CompletionSets completionSets) {
        this.completionSets = completionSets;
        for (int terminal : new int[] {NO, DARING, WORKS}) {
            children.number(new int[] {terminal});
        }
        daring.add(DARING, 1);
        works.add(WORKS, 1);
        complete[WORKS] = true;
    }

    /** The completion sets that serve as terminals; null when paths end in verdicts. */
    public CompletionSets completionSets() {
        return completionSets;
    }

    /** The terminal for a completion set. */
    public int ending(int number) {
        int before = children.size();
        int node = children.number(new int[] {~number});
        if (node == before) {
            append(node, new int[] {WORKS});
            complete[node] = false;
        }
        return node;
    }

    public boolean isEnding(int node) {
        return level(node) < 0;
    }

    /** The completion set number of a terminal. */
    private int completersOf(int node) {
        return ~level(node);
    }

    public int size() {
        return children.size();
    }

    /**
     * Whether it may still grow. Beyond this size its tables no longer fit the processor's cache, and starting afresh
     * is as fast.
     */
    public boolean fits() {
        return children.numbersInUse() < MOST_CHILDREN;
    }

    /**
     * @param level index of the slot
     * @param of nodes of the next level; the first is for the empty slot
     * @throws ArithmeticException when it represents more than 2^127 − 1 combinations
     */
    public int node(int level, int[] of) {
        boolean nothing = true;
        for (int child : of) {
            nothing &= child == NO;
        }
        if (nothing) {
            return NO;
        }
        if (of.length >= written.length) {
            written = new int[of.length + 1];
        }
        System.arraycopy(of, 0, written, 0, of.length);
        written[of.length] = level;
        int before = children.size();
        int node = children.number(written, of.length + 1);
        if (node == before) {
            append(node, of);
        }
        return node;
    }

    private void append(int node, int[] of) {
        if (node == complete.length) {
            works.growTo(node * 2);
            daring.growTo(node * 2);
            complete = Arrays.copyOf(complete, node * 2);
        }
        boolean all = true;
        for (int child : of) {
            works.add(node, works, child);
            daring.add(node, daring, child);
            all &= complete[child];
        }
        complete[node] = all;
    }

    /**
     * The node that gives every combination the better of its verdicts in two nodes of the same level; either may be
     * {@link #NO}.
     */
    public int better(int one, int other) {
        if (one == other || other == NO || complete[one]) {
            return one;
        }
        if (one == NO || complete[other]) {
            return other;
        }
        if (one <= WORKS) {
            return Math.max(one, other);
        }
        if (isEnding(one)) {
            return ending(completionSets.union(completersOf(one), completersOf(other)));
        }
        pair[0] = (long) Math.min(one, other) << 32 | Math.max(one, other);
        int found = united.get(pair);
        if (found != KeyTable.ABSENT) {
            return found;
        }
        int[] best = new int[choices(one)];
        for (int choice = 0; choice < best.length; choice++) {
            best[choice] = better(children.at(one, choice), children.at(other, choice));
        }
        int node = node(level(one), best);
        // The recursion has used the same array for its own pairs.
        pair[0] = (long) Math.min(one, other) << 32 | Math.max(one, other);
        united.put(pair, node);
        return node;
    }

    /** Number of combinations that work, by node. */
    public Figures works() {
        return works;
    }

    /** Number of daring combinations, by node. */
    public Figures daring() {
        return daring;
    }

    /** Whether every combination works, so that no other node can improve on it. */
    public boolean isComplete(int node) {
        return complete[node];
    }

    /** The child for a choice: 0 is the empty slot, options start at 1. */
    public int child(int node, int choice) {
        return node == NO ? NO : children.at(node, choice);
    }

    public int level(int node) {
        return children.at(node, choices(node));
    }

    public int choices(int node) {
        return children.length(node) - 1;
    }
}
