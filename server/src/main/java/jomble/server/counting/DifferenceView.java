package jomble.server.counting;

import java.math.BigInteger;
import java.util.List;
import jomble.core.counting.CountDifference;
import jomble.core.counting.Counts;
import jomble.core.piece.Slot;

/**
 * The difference of two counts; integers beyond 2^53 are written as text.
 *
 * @param before the total before, {@code after} the total after, {@code change} their difference; likewise for daring
 *     combinations and on paper
 */
record DifferenceView(
        FigureView total,
        FigureView daring,
        FigureView paper,
        List<PieceFigureView> perPiece,
        List<String> orphaned,
        List<String> relieved,
        List<String> missing) {
    record FigureView(Exact before, Exact after, Exact change) {}

    record PieceFigureView(String id, Exact before, Exact after, Exact change) {}

    static DifferenceView of(Counts before, CountDifference difference) {
        return new DifferenceView(
                figure(before.total(), difference.total()),
                figure(before.daring(), difference.daring()),
                figure(before.paper(), difference.paper()),
                difference.perPiece().stream()
                        .map(one -> new PieceFigureView(
                                one.id().value(),
                                Exact.of(one.before()),
                                Exact.of(one.after()),
                                Exact.of(one.change())))
                        .toList(),
                CountsView.ids(difference.orphaned()),
                CountsView.ids(difference.relieved()),
                difference.missing().stream().map(Slot::words).toList());
    }

    private static FigureView figure(BigInteger before, BigInteger change) {
        return new FigureView(Exact.of(before), Exact.of(before.add(change)), Exact.of(change));
    }
}
