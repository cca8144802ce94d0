package jomble.core.counting.enumeration;

import java.util.Arrays;
import jomble.core.counting.query.SolutionGraph;
import jomble.core.counting.remaining.CompletionSets;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.table.Figures;

/**
 * The part of a {@link Diagram} that an enumeration needs once it is over: the nodes its bodies lead to, without edges
 * that lead nowhere. Immutable. Children have lower numbers than their parents.
 */
public final class Graph implements SolutionGraph {
    /** By node, the level of its slot; for a terminal, the complement of its completion set number. */
    private final int[] levels;
    /** By node, the index of its first edge; the last entry is the number of edges. */
    private final int[] first;

    private final char[] choices;
    private final int[] children;
    private final CompletionSets completionSets;
    private final Figures works;
    private final Figures daring;

    private Graph(int[] levels, int[] first, char[] choices, int[] children, CompletionSets completionSets) {
        this.levels = levels;
        this.first = first;
        this.choices = choices;
        this.children = children;
        this.completionSets = completionSets;
        this.works = values(1, 0);
        this.daring = values(0, 1);
    }

    /**
     * The part of a diagram reachable from some nodes.
     *
     * @param roots nodes of the diagram, replaced by their numbers in the graph
     */
    static Graph of(Diagram diagram, int[]... roots) {
        int[] numbers = new int[diagram.size()];
        for (int[] some : roots) {
            for (int root : some) {
                numbers[root] = 1;
            }
        }
        int edges = 0;
        for (int node = diagram.size() - 1; node > Diagram.WORKS; node--) {
            for (int c = 0; numbers[node] != 0 && !diagram.isEnding(node) && c < diagram.choices(node); c++) {
                int child = diagram.child(node, c);
                numbers[child] = 1;
                edges += child == Diagram.NO ? 0 : 1;
            }
        }
        int nodes = 0;
        for (int node = 0; node < numbers.length; node++) {
            numbers[node] = node <= Diagram.WORKS || numbers[node] != 0 ? nodes++ : Diagram.NO;
        }
        for (int[] some : roots) {
            Arrays.setAll(some, i -> numbers[some[i]]);
        }
        return copy(diagram, numbers, nodes, edges);
    }

    private static Graph copy(Diagram diagram, int[] numbers, int nodes, int edges) {
        int[] levels = new int[nodes];
        int[] first = new int[nodes + 1];
        char[] choices = new char[edges];
        int[] children = new int[edges];
        int edge = 0;
        for (int node = Diagram.WORKS + 1; node < numbers.length; node++) {
            int number = numbers[node];
            if (number != Diagram.NO) {
                levels[number] = diagram.level(node);
                first[number] = edge;
                for (int c = 0; levels[number] >= 0 && c < diagram.choices(node); c++) {
                    int child = diagram.child(node, c);
                    if (child != Diagram.NO) {
                        choices[edge] = (char) c;
                        children[edge++] = numbers[child];
                    }
                }
            }
        }
        first[nodes] = edge;
        return new Graph(levels, first, choices, children, diagram.completionSets());
    }

    /**
     * The same nodes, restricted to some of the edges below the given roots.
     *
     * @param open whether an edge is kept, by level and choice; the empty slot comes first
     */
    Graph restricted(boolean[][] open, int[] roots) {
        boolean[] reached = new boolean[size()];
        for (int root : roots) {
            reached[root] = true;
        }
        int edges = 0;
        for (int node = size() - 1; node > Diagram.WORKS; node--) {
            for (int edge = first[node]; reached[node] && edge < first[node + 1]; edge++) {
                if (open[levels[node]][choices[edge]]) {
                    reached[children[edge]] = true;
                    edges++;
                }
            }
        }
        int[] keptFirst = new int[first.length];
        char[] keptChoices = new char[edges];
        int[] keptChildren = new int[edges];
        int kept = 0;
        for (int node = 0; node < size(); node++) {
            keptFirst[node] = kept;
            for (int edge = first[node]; reached[node] && edge < first[node + 1]; edge++) {
                if (open[levels[node]][choices[edge]]) {
                    keptChoices[kept] = choices[edge];
                    keptChildren[kept++] = children[edge];
                }
            }
        }
        keptFirst[size()] = kept;
        return new Graph(levels, keptFirst, keptChoices, keptChildren, completionSets);
    }

    @Override
    public int size() {
        return levels.length;
    }

    /** Approximate memory use: 6 bytes for an edge, at most 40 for a node. */
    long bytes() {
        return 6L * children.length + 40L * levels.length;
    }

    @Override
    public int level(int node) {
        return levels[node];
    }

    public boolean isEnding(int node) {
        return levels[node] < 0;
    }

    /** The completion set of a terminal. */
    public CompletionSets.Sets completersOf(int node) {
        return completionSets.of(~levels[node]);
    }

    /** Null when paths end in verdicts. */
    public CompletionSets completionSets() {
        return completionSets;
    }

    @Override
    public int begin(int node) {
        return first[node];
    }

    @Override
    public int end(int node) {
        return first[node + 1];
    }

    @Override
    public int choice(int edge) {
        return choices[edge];
    }

    @Override
    public int child(int edge) {
        return children[edge];
    }

    /** The child of a choice. */
    int child(int node, int choice) {
        int edge = Arrays.binarySearch(choices, first[node], first[node + 1], (char) choice);
        return edge < 0 ? Diagram.NO : children[edge];
    }

    /** Number of combinations that work, by node. */
    public Figures works() {
        return works;
    }

    /** Number of daring combinations, by node. */
    public Figures daring() {
        return daring;
    }

    /** Number of combinations by node, with or without the daring ones. */
    public Figures counted(boolean includeDaring) {
        return includeDaring ? values(1, 1) : works;
    }

    private Figures values(int ofWorking, int ofDaring) {
        Figures values = new Figures(size());
        values.add(Diagram.WORKS, ofWorking);
        values.add(Diagram.DARING, ofDaring);
        for (int node = Diagram.WORKS + 1; node < size(); node++) {
            if (isEnding(node)) {
                values.add(node, ofWorking);
            }
            for (int e = first[node]; e < first[node + 1]; e++) {
                values.add(node, values, children[e]);
            }
        }
        return values;
    }

    /**
     * Number of combinations by node when a level is restricted to one choice; 0 for nodes of later levels.
     *
     * @param values number of combinations by node without the restriction
     */
    public Figures along(int level, int choice, Figures values) {
        Figures along = new Figures(size());
        for (int node = Diagram.WORKS + 1; node < size(); node++) {
            if (levels[node] == level) {
                along.add(node, values, child(node, choice));
            } else if (levels[node] < level) {
                for (int e = first[node]; e < first[node + 1]; e++) {
                    along.add(node, along, children[e]);
                }
            }
        }
        return along;
    }
}
