package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * The solutions of one partition: every body with the diagram node of what can be added to it. All figures are read off
 * these. Immutable, so it can be cached and queried again.
 *
 * @param constraints options of counted slots that must be worn, by the slot's ordinal
 * @param bodies options by the slot's ordinal, in the stable order
 * @param nodes by body, the diagram node of what can be added to it
 * @param approved combinations that count because they were approved, options by the slot's ordinal; with their
 *     completions when those are tracked
 * @param verdicts by approved combination, the rules' verdict on its counted part, as a terminal of the graph
 */
public record PartitionSolutions(
        Structure structure,
        Option[] constraints,
        RemainingSlots remaining,
        Option[][] bodies,
        int[] nodes,
        Option[][] approved,
        int[] verdicts,
        Graph graph) {
    private static final Slot[] SLOTS = Slot.values();
    private static final Slot[] OF_BODY = CountedSlots.BODY.toArray(Slot[]::new);

    /** References to the options of its slots, the array's header, and its node. */
    private static final int BYTES_OF_A_BODY = 4 * SLOTS.length + 20;

    /** Collects the bodies an enumeration finds. */
    static final class Writer implements BodyEnumerator.Visitor {
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

        /** The solutions, once the enumeration is over. */
        PartitionSolutions of(CompiledQuestion.Search search, Option[] constraints, List<Option[]> approved) {
            Option[][] covered = approved.stream().filter(search::covers).toArray(Option[][]::new);
            int[] verdicts = Arrays.stream(covered).mapToInt(search::verdictOf).toArray();
            int[] ofBodies = Arrays.copyOf(nodes, bodies.size());
            Graph graph = Graph.of(search.diagram(), ofBodies, verdicts);
            return new PartitionSolutions(
                    search.structure(),
                    constraints,
                    search.remaining(),
                    bodies.toArray(Option[][]::new),
                    ofBodies,
                    covered,
                    verdicts,
                    graph);
        }
    }

    public int size() {
        return bodies.length;
    }

    /** Approximate memory use in bytes. */
    long bytes() {
        return graph.bytes() + (long) bodies.length * BYTES_OF_A_BODY;
    }

    /** Whether all combinations have this structure and meet these constraints. */
    public boolean isOf(Structure other, Option[] constraints) {
        return structure == other && Arrays.equals(this.constraints, constraints);
    }

    /** What is selected of it. */
    public PartitionSolutions restricted(Selection selection) {
        if (selection.isAll()) {
            return this;
        }
        boolean hasPlaces = selection.hasPlacesIn(remaining);
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
        return new PartitionSolutions(
                structure,
                selection.constraints(),
                remaining,
                kept.toArray(Option[][]::new),
                roots,
                keptApproved.toArray(Option[][]::new),
                Arrays.copyOf(keptVerdicts, keptApproved.size()),
                graph.restricted(selection.open(remaining), roots));
    }
}
