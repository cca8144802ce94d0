package jomble.server.counting;

import java.util.List;
import jomble.core.counting.CountDifference;
import jomble.core.counting.Counts;

/**
 * How two counts differ, on the wire; integers beyond 2^53 are written as text.
 *
 * @param before the total before, {@code after} the total after, {@code change} how many more; of the daring ones and on paper likewise
 */
record DifferenceView(
        FigureView total,
        FigureView daring,
        FigureView paper,
        List<PieceFigureView> perPiece,
        List<String> orphaned,
        List<String> relieved,
        List<String> missing) {
    record FigureView(Object before, Object after, Object change) {}

    record PieceFigureView(String id, Object before, Object after, Object change) {}

    static DifferenceView of(Counts before, Counts after) {
        CountDifference difference = CountDifference.between(before, after);
        return new DifferenceView(
                new FigureView(
                        CountsView.exact(before.total()),
                        CountsView.exact(after.total()),
                        CountsView.exact(difference.total())),
                new FigureView(
                        CountsView.exact(before.daring()),
                        CountsView.exact(after.daring()),
                        CountsView.exact(difference.daring())),
                new FigureView(
                        CountsView.exact(before.paper()),
                        CountsView.exact(after.paper()),
                        CountsView.exact(difference.paper())),
                difference.perPiece().stream()
                        .map(one -> new PieceFigureView(
                                one.id().value(),
                                CountsView.exact(one.before()),
                                CountsView.exact(one.after()),
                                CountsView.exact(one.change())))
                        .toList(),
                CountsView.ids(difference.orphaned()),
                CountsView.ids(difference.relieved()),
                after.missing().stream().map(slot -> slot.words()).toList());
    }
}
