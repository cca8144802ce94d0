package jomble.core.counting.census;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.tail.Tail;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * What a walk found: every body of one structure, or of a share of it, with what can be put on over it. All figures are read off it.
 * Never changed, so that it can be kept and asked again.
 *
 * @param forced options of counted slots that must be worn, by ordinal of the slot
 * @param bodies options by ordinal of the slot, in the stable order
 * @param nodes by body, the node of what can be put on over it
 * @param approved combinations that an approval lets pass, options by ordinal of the slot; with all that completes them where that
 *     was asked for
 * @param verdicts by approved combination, what the rules say of its counted part, as a terminal of the graph
 */
record Census(
        Structure structure,
        Option[] forced,
        Tail tail,
        Option[][] bodies,
        int[] nodes,
        Option[][] approved,
        int[] verdicts,
        Graph graph) {
    private static final Slot[] SLOTS = Slot.values();
    private static final Slot[] OF_BODY = Tail.BODY.toArray(Slot[]::new);

    /** References to the options of its slots, the array around them, and its node. */
    private static final int BYTES_OF_A_BODY = 4 * SLOTS.length + 20;

    /** Writes down what a walk tells. */
    static final class Writer implements BodyWalk.Visitor {
        private final List<Option[]> bodies = new ArrayList<>();
        private int[] nodes = new int[1024];

        @Override
        public boolean visit(Option[] body, int node) {
            if (bodies.size() == nodes.length) {
                nodes = Arrays.copyOf(nodes, 2 * nodes.length);
            }
            nodes[bodies.size()] = node;
            bodies.add(body.clone());
            return true;
        }

        /** All of it, once the walk is over. */
        Census of(Field.Search search, Option[] forced, List<Option[]> approved) {
            Option[][] covered = approved.stream().filter(search::covers).toArray(Option[][]::new);
            int[] verdicts = Arrays.stream(covered).mapToInt(search::verdictOf).toArray();
            int[] ofBodies = Arrays.copyOf(nodes, bodies.size());
            Graph graph = Graph.of(search.diagram(), ofBodies, verdicts);
            return new Census(
                    search.structure(),
                    forced,
                    search.tail(),
                    bodies.toArray(Option[][]::new),
                    ofBodies,
                    covered,
                    verdicts,
                    graph);
        }
    }

    int size() {
        return bodies.length;
    }

    /** About how much memory it takes. */
    long bytes() {
        return graph.bytes() + (long) bodies.length * BYTES_OF_A_BODY;
    }

    /** Whether all its combinations are of a structure and wear what must be worn. */
    boolean isOf(Structure other, Option[] forced) {
        return structure == other && Arrays.equals(this.forced, forced);
    }

    /** What is selected of it. */
    Census restricted(Selection selection) {
        if (selection.isAll()) {
            return this;
        }
        boolean hasPlaces = selection.hasPlacesIn(tail);
        List<Option[]> kept = new ArrayList<>();
        int[] keptNodes = new int[bodies.length];
        for (int i = 0; i < bodies.length && hasPlaces; i++) {
            if (selection.takes(bodies[i], OF_BODY)) {
                keptNodes[kept.size()] = nodes[i];
                kept.add(bodies[i]);
            }
        }
        int[] roots = Arrays.copyOf(keptNodes, kept.size());
        List<Option[]> keptApproved = new ArrayList<>();
        int[] keptVerdicts = new int[approved.length];
        for (int i = 0; i < approved.length; i++) {
            if (selection.takes(approved[i], SLOTS)) {
                keptVerdicts[keptApproved.size()] = verdicts[i];
                keptApproved.add(approved[i]);
            }
        }
        return new Census(
                structure,
                selection.forced(),
                tail,
                kept.toArray(Option[][]::new),
                roots,
                keptApproved.toArray(Option[][]::new),
                Arrays.copyOf(keptVerdicts, keptApproved.size()),
                graph.restricted(selection.open(tail), roots));
    }
}
