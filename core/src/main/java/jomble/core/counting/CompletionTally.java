package jomble.core.counting;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jomble.core.counting.table.Figures;
import jomble.core.piece.PieceId;

/** Adds up how many combinations each piece can complete. */
final class CompletionTally implements Collector {
    private final CountedSlots counted;
    private final PieceRows rows;
    /** By place of the piece. */
    private final Figures figures;
    /** Approved combinations, each with one who completes it by its approval alone. */
    private final Set<List<Object>> approved = new HashSet<>();

    CompletionTally(CountQuestion question, Options options) {
        this.counted = question.counted();
        this.rows = new PieceRows(question.pieces(), options);
        this.figures = new Figures(rows.ids().size());
    }

    BigInteger of(PieceId id) {
        return figures.get(rows.ids().indexOf(id));
    }

    @Override
    public Bodies of(Field.Search search) {
        return new OfStructure(search.diagram());
    }

    private final class OfStructure implements Bodies {
        private final Diagram diagram;
        private final Hits hits = new Hits();

        OfStructure(Diagram diagram) {
            this.diagram = diagram;
        }

        @Override
        public void add(Option[] body, int node) {
            hits.add(node, 1);
        }

        @Override
        public void addApproved(Option[] combination, int verdict) {
            Completers completers = diagram.completers();
            Completers.Sets those = completers.of(completers.ofApproved(combination, counted));
            List<Option> part = Arrays.asList(counted.partOf(combination));
            for (int place = 0; place < rows.ids().size(); place++) {
                boolean isKnown = diagram.isEnding(verdict)
                        && completers.of(diagram.completersOf(verdict)).has(place);
                if (those.has(place) && !isKnown && approved.add(List.of(part, place))) {
                    figures.add(place, 1);
                }
            }
        }

        /** Pushes what was met down to the endings. */
        @Override
        public void finish() {
            Figures paths = hits.paths(diagram.size());
            for (int node = diagram.size() - 1; node > Diagram.WORKS; node--) {
                if (!paths.isZero(node) && diagram.isEnding(node)) {
                    Completers.Sets those = diagram.completers().of(diagram.completersOf(node));
                    for (int place = 0; place < rows.ids().size(); place++) {
                        if (those.has(place)) {
                            figures.add(place, paths, node);
                        }
                    }
                } else if (!paths.isZero(node)) {
                    for (int c = 0; c < diagram.choices(node); c++) {
                        paths.add(diagram.child(node, c), paths, node);
                    }
                }
            }
        }
    }
}
