package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Numbering;
import jomble.core.judgement.MeasureAccumulator;

/**
 * Joins to a diagram that leaves open how warm the body is: a node has a child for every way to decide a level; the levels that are
 * filled end in lists of {@link Fillings}. Given the sums of clo of a body a node becomes one of the {@link Diagram}. Not for use by
 * several threads.
 *
 * <p>The sums of clo differ almost from body to body, while all else that can be put on sees of a body does not; so what is the same
 * for many bodies is worked out apart from the sums.
 */
final class DeferredWarmth implements Joiner {
    private final DiagramJoiner above;
    private final WarmthScale scale;
    private final Fillings fillings;
    private final int counted;
    private final int levels;
    /** By level, what each way to decide it leads to at some sums. */
    private final int[][] given;

    /** What each way to decide the level leads to, and last the level, at most the number of counted ones: there, lists of fillings. */
    private final Numbering nodes = new Numbering();
    /** By level, a node as it is put together. */
    private final int[][] written;
    /** By level, what was made of a node at some sums. */
    private final KeyTable[] made;

    private final long[] key = new long[1];

    /** @param above joins what is given at some sums */
    DeferredWarmth(RemainingSlots remaining, WarmthScale scale, Fillings fillings, DiagramJoiner above) {
        this.above = above;
        this.scale = scale;
        this.fillings = fillings;
        this.counted = remaining.counted();
        this.levels = remaining.levels().size();
        this.given = new int[counted][];
        this.made = new KeyTable[counted + 1];
        Arrays.setAll(given, level -> new int[scale.added(level).length]);
        Arrays.setAll(made, level -> new KeyTable(1));
        this.written = new int[counted + 1][];
        nodes.number(new int[0]);
    }

    @Override
    public int end(int points) {
        int list = fillings.nothing(points);
        return levels == counted ? node(levels, new int[] {list}) : list;
    }

    @Override
    public int join(int level, int[] of) {
        return level <= counted ? node(level, of) : fillings.union(level, of);
    }

    @Override
    public boolean suffices(int level, int found) {
        return false;
    }

    private int node(int level, int[] of) {
        for (int child : of) {
            if (child != NO) {
                int[] node = written[level] == null ? new int[of.length + 1] : written[level];
                System.arraycopy(of, 0, node, 0, of.length);
                node[of.length] = level;
                written[level] = node;
                return nodes.number(node);
            }
        }
        return NO;
    }

    private int level(int node) {
        return nodes.at(node, nodes.length(node) - 1);
    }

    private int[] children(int node) {
        return Arrays.copyOf(nodes.copyOf(node), nodes.length(node) - 1);
    }

    /** The node of the diagram for a body. */
    int given(int node, MeasureAccumulator body) {
        return given(node, WarmthScale.of(body));
    }

    private int given(int node, int sums) {
        if (node == NO) {
            return Diagram.NO;
        }
        key[0] = (long) node << Integer.SIZE | sums;
        int level = level(node);
        int found = made[level].get(key);
        if (found == KeyTable.ABSENT) {
            found = level < counted ? branch(level, node, sums) : fillings.given(level, children(node), sums);
            key[0] = (long) node << Integer.SIZE | sums;
            made[level].put(key, found);
        }
        return found;
    }

    private int branch(int level, int node, int sums) {
        int[] added = scale.added(level);
        int[] then = given[level];
        for (int way = 0; way < then.length; way++) {
            then[way] = given(nodes.at(node, way), sums + added[way]);
        }
        return above.join(level, then);
    }
}
