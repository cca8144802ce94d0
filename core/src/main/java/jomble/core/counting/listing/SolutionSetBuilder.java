package jomble.core.counting.listing;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.enumeration.Collector;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.enumeration.PartitionSolutions;
import jomble.core.counting.query.SolutionGraph;
import jomble.core.counting.query.SolutionSet;
import jomble.core.counting.query.SolutionSet.Layer;
import jomble.core.counting.query.SolutionSet.Part;
import jomble.core.counting.remaining.Diagram;

/** Builds the solution set from the solutions of a count. */
public final class SolutionSetBuilder implements Collector {
    /** The graph of approved combinations, which are bodies with no further slots. */
    private static final SolutionGraph TERMINALS = new Terminals();

    private final CompiledQuestion compiled;
    private final List<Part> parts = new ArrayList<>();

    public SolutionSetBuilder(CompiledQuestion compiled) {
        this.compiled = compiled;
    }

    @Override
    public void add(PartitionSolutions solutions) {
        List<Layer> layers = solutions
                .remaining()
                .levels()
                .subList(0, solutions.remaining().counted())
                .stream()
                .map(level -> new Layer(level.slot(), level.options()))
                .toList();
        parts.add(new Part(solutions.structure(), solutions.bodies(), solutions.nodes(), layers, solutions.graph()));
        List<Option[]> approved = new ArrayList<>();
        for (int i = 0; i < solutions.approved().length; i++) {
            int byTheRules = solutions.verdicts()[i];
            boolean isThere = byTheRules == Diagram.WORKS
                    || byTheRules == Diagram.DARING && compiled.question().includeDaring();
            if (!isThere) {
                approved.add(solutions.approved()[i]);
            }
        }
        if (!approved.isEmpty()) {
            int[] roots = approved.stream().mapToInt(one -> SolutionSet.WORKS).toArray();
            parts.add(new Part(solutions.structure(), approved.toArray(Option[][]::new), roots, List.of(), TERMINALS));
        }
    }

    public SolutionSet found() {
        return new SolutionSet(compiled.question(), compiled.options(), parts);
    }

    /** A graph of terminals only. */
    private static final class Terminals implements SolutionGraph {
        @Override
        public int size() {
            return SolutionSet.WORKS + 1;
        }

        @Override
        public int level(int node) {
            throw new IllegalArgumentException("a terminal decides nothing");
        }

        @Override
        public int begin(int node) {
            return 0;
        }

        @Override
        public int end(int node) {
            return 0;
        }

        @Override
        public int choice(int edge) {
            throw new IllegalArgumentException("a terminal decides nothing");
        }

        @Override
        public int child(int edge) {
            throw new IllegalArgumentException("a terminal decides nothing");
        }
    }
}
