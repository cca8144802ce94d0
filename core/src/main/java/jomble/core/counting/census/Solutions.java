package jomble.core.counting.census;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.query.SolutionGraph;
import jomble.core.counting.query.SolutionSet;
import jomble.core.counting.query.SolutionSet.Layer;
import jomble.core.counting.query.SolutionSet.Part;
import jomble.core.counting.tail.Diagram;

/** Puts together what a count found as the set of its solutions. */
final class Solutions implements Collector {
    /** Of combinations that an approval lets pass, which are bodies with nothing to decide after them. */
    private static final SolutionGraph TERMINALS = new Terminals();

    private final Field field;
    private final List<Part> parts = new ArrayList<>();

    Solutions(Field field) {
        this.field = field;
    }

    @Override
    public void add(Census census) {
        List<Layer> layers = census.tail().levels().subList(0, census.tail().counted()).stream()
                .map(level -> new Layer(level.slot(), level.options()))
                .toList();
        parts.add(new Part(census.structure(), census.bodies(), census.nodes(), layers, census.graph()));
        List<Option[]> approved = new ArrayList<>();
        for (int i = 0; i < census.approved().length; i++) {
            int byTheRules = census.verdicts()[i];
            boolean isThere = byTheRules == Diagram.WORKS
                    || byTheRules == Diagram.DARING && field.question().includeDaring();
            if (!isThere) {
                approved.add(census.approved()[i]);
            }
        }
        if (!approved.isEmpty()) {
            int[] roots = approved.stream().mapToInt(one -> SolutionSet.WORKS).toArray();
            parts.add(new Part(census.structure(), approved.toArray(Option[][]::new), roots, List.of(), TERMINALS));
        }
    }

    SolutionSet found() {
        return new SolutionSet(field.question(), field.options(), parts);
    }

    /** Verdicts alone. */
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
