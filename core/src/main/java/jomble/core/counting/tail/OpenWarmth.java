package jomble.core.counting.tail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.table.KeyTable;
import jomble.core.judgement.Gauge;

/**
 * Joins to a diagram that leaves open how warm the body is: a node has a child for every way to decide a level; the levels that are
 * filled end in lists of {@link Fillings}. Given the sums of clo of a body a node becomes one of the {@link Diagram}. Not for use by
 * several threads.
 *
 * <p>The sums of clo differ almost from body to body, while all else that can be put on sees of a body does not; so what is the same
 * for many bodies is worked out apart from the sums.
 */
final class OpenWarmth implements Joiner {
    private final DiagramJoiner above;
    private final WarmthScale scale;
    private final Fillings fillings;
    private final int counted;
    private final int levels;
    /** By level, what each way to decide it leads to at some sums. */
    private final int[][] given;

    private final List<Node> nodes = new ArrayList<>();
    private final Map<Node, Integer> known = new HashMap<>();
    /** By level, what was made of a node at some sums. */
    private final KeyTable[] made;

    private final long[] key = new long[1];

    /** @param level at most the number of counted levels; at that number the children are lists of fillings */
    private record Node(int level, int[] children) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Node n && level == n.level && Arrays.equals(children, n.children);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(children) * 31 + level;
        }
    }

    /** @param above joins what is given at some sums */
    OpenWarmth(Tail tail, WarmthScale scale, Fillings fillings, DiagramJoiner above) {
        this.above = above;
        this.scale = scale;
        this.fillings = fillings;
        this.counted = tail.counted();
        this.levels = tail.levels().size();
        this.given = new int[counted][];
        this.made = new KeyTable[counted + 1];
        Arrays.setAll(given, level -> new int[scale.added(level).length]);
        Arrays.setAll(made, level -> new KeyTable(1));
        nodes.add(new Node(0, new int[0]));
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
                return known.computeIfAbsent(new Node(level, of.clone()), node -> {
                    nodes.add(node);
                    return nodes.size() - 1;
                });
            }
        }
        return NO;
    }

    /** The node of the diagram for a body. */
    int given(int node, Gauge body) {
        return given(node, WarmthScale.of(body));
    }

    private int given(int node, int sums) {
        if (node == NO) {
            return Diagram.NO;
        }
        key[0] = (long) node << Integer.SIZE | sums;
        Node of = nodes.get(node);
        int found = made[of.level].get(key);
        if (found == KeyTable.ABSENT) {
            found = of.level < counted ? branch(of, sums) : fillings.given(of.level, of.children, sums);
            key[0] = (long) node << Integer.SIZE | sums;
            made[of.level].put(key, found);
        }
        return found;
    }

    private int branch(Node of, int sums) {
        int[] added = scale.added(of.level);
        int[] then = given[of.level];
        for (int way = 0; way < then.length; way++) {
            then[way] = given(of.children[way], sums + added[way]);
        }
        return above.join(of.level, then);
    }
}
