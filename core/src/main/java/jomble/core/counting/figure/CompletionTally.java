package jomble.core.counting.figure;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.compiled.PieceRows;
import jomble.core.counting.enumeration.Collector;
import jomble.core.counting.enumeration.Graph;
import jomble.core.counting.enumeration.PartitionSolutions;
import jomble.core.counting.remaining.CompletionSets;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.table.Figures;
import jomble.core.piece.PieceId;

/** Counts how many combinations each piece can complete. */
public final class CompletionTally implements Collector {
    private final CountedSlots counted;
    private final PieceRows rows;
    /** By index of the piece. */
    private final Figures figures;
    /** Approved combinations with a piece that completes them only because of the approval. */
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
    public void add(PartitionSolutions solutions) {
        addApproved(solutions);
        Graph graph = solutions.graph();
        Figures paths = new Figures(graph.size());
        for (int node : solutions.nodes()) {
            paths.add(node, 1);
        }
        for (int node = graph.size() - 1; node > Diagram.WORKS; node--) {
            if (!paths.isZero(node) && graph.isEnding(node)) {
                CompletionSets.Sets those = graph.completersOf(node);
                for (int place = 0; place < rows.ids().size(); place++) {
                    if (those.has(place)) {
                        figures.add(place, paths, node);
                    }
                }
            } else if (!paths.isZero(node)) {
                for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                    paths.add(graph.child(edge), paths, node);
                }
            }
        }
    }

    private void addApproved(PartitionSolutions solutions) {
        Graph graph = solutions.graph();
        for (int i = 0; i < solutions.approved().length; i++) {
            Option[] combination = solutions.approved()[i];
            int verdict = solutions.verdicts()[i];
            CompletionSets completionSets = graph.completionSets();
            CompletionSets.Sets those = completionSets.of(completionSets.ofApproved(combination, counted));
            List<Option> part = Arrays.asList(Option.in(counted, combination));
            for (int place = 0; place < rows.ids().size(); place++) {
                boolean isKnown =
                        graph.isEnding(verdict) && graph.completersOf(verdict).has(place);
                if (those.has(place) && !isKnown && approved.add(List.of(part, place))) {
                    figures.add(place, 1);
                }
            }
        }
    }
}
