package jomble.server.counting;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.Completions;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.EnsembleListener;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.Totals;
import jomble.core.counting.query.Found;
import jomble.core.counting.query.SolutionFinder;
import jomble.core.counting.query.SolutionSet;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Counts in {@link Lanes}, chosen by the estimated cost of a question. */
final class LaneCounter implements Counter, SolutionFinder {
    /** Combinations on paper times contexts; below this, most counts take less than a second (docs/performance.md). */
    private static final double QUICK = 2e6;

    private final Counter counter;
    private final SolutionFinder finder;
    private final Lanes lanes;

    LaneCounter(Counter counter, SolutionFinder finder, Lanes lanes) {
        this.counter = counter;
        this.finder = finder;
        this.lanes = lanes;
    }

    /** The method and everything its answer depends on. */
    private record Key(String method, CountQuestion question, List<Object> also) {}

    private <T> T run(
            String method, CountQuestion question, List<Object> also, Progress progress, Function<Progress, T> work) {
        boolean isHeavy = question.completions() || cost(question) > QUICK;
        return lanes.run(new Key(method, question, also), isHeavy, progress, work);
    }

    /** Approximate number of combinations of clothes on paper, times the contexts. */
    static double cost(CountQuestion question) {
        Map<Slot, Integer> inSlot = new EnumMap<>(Slot.class);
        for (Piece piece : question.pieces()) {
            piece.roles().forEach(slot -> inSlot.merge(slot, 1, Integer::sum));
        }
        ToDoubleFunction<Slot> in = slot -> inSlot.getOrDefault(slot, 0);
        double bodies = in.applyAsDouble(Slot.TOP) * in.applyAsDouble(Slot.BOTTOM)
                + in.applyAsDouble(Slot.ONEPIECE)
                + in.applyAsDouble(Slot.DRAPE) * (1 + in.applyAsDouble(Slot.TOP));
        double layers = Stream.of(Slot.MID, Slot.JACKET)
                .filter(question.counted()::has)
                .mapToDouble(slot -> 1 + in.applyAsDouble(slot))
                .reduce(1, (a, b) -> a * b);
        return bodies * layers * question.contexts().size();
    }

    @Override
    public Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress) {
        return run(
                "count",
                question,
                List.copyOf(crossings),
                progress,
                reporting -> counter.count(question, crossings, reporting));
    }

    @Override
    public Totals totals(CountQuestion question, Progress progress) {
        return run("totals", question, List.of(), progress, reporting -> counter.totals(question, reporting));
    }

    @Override
    public Completions completions(CountQuestion question, Progress progress) {
        return run("completions", question, List.of(), progress, reporting -> counter.completions(question, reporting));
    }

    @Override
    public Optional<CountDifference> without(
            CountQuestion question, Counts known, Set<PieceId> out, Progress progress) {
        return run(
                "without",
                question,
                List.of(Set.copyOf(out)),
                progress,
                reporting -> counter.without(question, known, out, reporting));
    }

    @Override
    public CombinationPage list(CountQuestion question, long offset, int limit, Progress progress) {
        return run(
                "list",
                question,
                List.of(offset, limit),
                progress,
                reporting -> counter.list(question, offset, limit, reporting));
    }

    @Override
    public List<Map<Slot, List<PieceId>>> tuples(CountQuestion question, Progress progress) {
        return run("tuples", question, List.of(), progress, reporting -> counter.tuples(question, reporting));
    }

    @Override
    public SolutionSet find(CountQuestion question, Progress progress) {
        return run("find", question, List.of(), progress, reporting -> finder.find(question, reporting));
    }

    /** Too little work to share. */
    @Override
    public List<Combination> complete(CountQuestion question, Collection<Found> found, Progress progress) {
        return lanes.run(null, false, progress, reporting -> finder.complete(question, found, reporting));
    }

    /** Results go to one listener, so they cannot be shared. */
    @Override
    public void ensembles(CountQuestion question, EnsembleListener listener, Progress progress) {
        lanes.run(null, cost(question) > QUICK, progress, reporting -> {
            counter.ensembles(question, listener, reporting);
            return question;
        });
    }
}
