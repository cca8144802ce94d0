package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Numbering;
import jomble.core.judgement.MeasureAccumulator;

/**
 * Builds a diagram that does not yet know how warm the body is. A node has a child for every choice at a level;
 * uncounted levels end in lists of {@link Fillings}. Once the clo sums of a body are known, such a node is resolved to
 * a node of the {@link Diagram}. Not thread-safe.
 *
 * <p>Clo sums differ from almost every body to the next, while everything else the remaining slots depend on does not.
 * Resolving warmth last lets many bodies share the expensive part.
 */
final class DeferredWarmth implements Joiner {
    private final DiagramJoiner above;
    private final WarmthScale scale;
    private final Fillings fillings;
    private final int counted;
    private final int levels;
    /** By level, the resolved result of each choice. */
    private final int[][] given;

    /**
     * The results of all choices at a level, followed by the level, which is at most the number of counted levels; at
     * that level they are lists of fillings.
     */
    private final Numbering nodes = new Numbering();
    /** By level, a buffer for the node under construction. */
    private final int[][] written;
    /** By level, the resolved node for each node and clo sum. */
    private final KeyTable[] made;

    private final long[] key = new long[1];

    /** @param above builds the resolved nodes */
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

    /** The diagram node for a body. */
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
