package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.table.KeyTable;

/**
 * A diagram that leaves open how warm the body is: a node has a child for every choice, with the clo the choice adds. Given the sums of a
 * body it becomes a node of the {@link Diagram}. Not for use by several threads.
 *
 * <p>The sums of clo differ almost from body to body, while all else that can be put on sees of a body does not; so what is the same
 * for many bodies is worked out apart from the sums.
 */
final class WarmthDiagram {
    static final int NO = 0;

    private final Diagram diagram;
    private final Fillings fillings;
    private final int counted;
    private final List<Node> nodes = new ArrayList<>();
    private final Map<Node, Integer> known = new HashMap<>();
    /** By level, what was made of a node at some sums. */
    private final KeyTable[] made;

    private final long[] key = new long[1];

    /**
     * @param level below the number of counted slots; at that number the children are lists of fillings
     * @param choices which choice each child belongs to, in order; a choice may have several, for as many ways to wear it
     * @param added packed sums of clo of each child
     */
    private record Node(int level, int[] choices, int[] children, int[] added) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Node n
                    && level == n.level
                    && Arrays.equals(choices, n.choices)
                    && Arrays.equals(children, n.children)
                    && Arrays.equals(added, n.added);
        }

        @Override
        public int hashCode() {
            return (Arrays.hashCode(children) * 31 + Arrays.hashCode(added)) * 31 + Arrays.hashCode(choices) + level;
        }
    }

    WarmthDiagram(Diagram diagram, Fillings fillings, int counted) {
        this.diagram = diagram;
        this.fillings = fillings;
        this.counted = counted;
        this.made = new KeyTable[counted + 1];
        Arrays.setAll(made, level -> new KeyTable(1));
        nodes.add(new Node(-1, new int[0], new int[0], new int[0]));
    }

    int node(int level, int[] choices, int[] children, int[] added) {
        for (int child : children) {
            if (child != NO) {
                return known.computeIfAbsent(new Node(level, choices, children, added), node -> {
                    nodes.add(node);
                    return nodes.size() - 1;
                });
            }
        }
        return NO;
    }

    /** The node of the diagram for a body with these sums, packed by {@link Fillings#pack}. */
    int given(int node, int sums) {
        if (node == NO) {
            return Diagram.NO;
        }
        key[0] = (long) node << 32 | sums;
        Node of = nodes.get(node);
        int found = made[of.level].get(key);
        if (found == KeyTable.ABSENT) {
            found = of.level < counted ? branch(of, sums) : best(of, sums);
            key[0] = (long) node << 32 | sums;
            made[of.level].put(key, found);
        }
        return found;
    }

    private int branch(Node of, int sums) {
        int[] children = new int[of.choices[of.choices.length - 1] + 1];
        for (int i = 0; i < of.children.length; i++) {
            int child = given(of.children[i], sums + of.added[i]);
            children[of.choices[i]] = diagram.better(children[of.choices[i]], child);
        }
        return diagram.node(of.level, children);
    }

    private int best(Node of, int sums) {
        int best = Diagram.NO;
        for (int i = 0; i < of.children.length && best != Diagram.WORKS; i++) {
            best = Math.max(best, fillings.best(of.children[i], sums + of.added[i]));
        }
        return best;
    }
}
