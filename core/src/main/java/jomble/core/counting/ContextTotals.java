package jomble.core.counting;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;

/**
 * Totals of one wardrobe in many contexts, skipping counts that can be inferred. Weather only forbids, so no context
 * exceeds the total without weather; months that together already reach it need no further count. Not thread-safe.
 */
public final class ContextTotals {
    private final Counter counter;
    private final Map<CountQuestion, Totals> known = new HashMap<>();

    public ContextTotals(Counter counter) {
        this.counter = counter;
    }

    /** Adds a total that was counted before. */
    public void know(CountQuestion question, Totals totals) {
        known.put(question, totals);
    }

    /**
     * Returns the total in some contexts, counting only if it cannot be inferred. Fastest when the context without
     * weather comes first.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    public Totals of(CountQuestion question, Progress progress) {
        Totals totals = known.get(question);
        if (totals == null) {
            totals = following(question).orElseGet(() -> counter.totals(question, progress));
            known.put(question, totals);
        }
        return totals;
    }

    private Optional<Totals> following(CountQuestion question) {
        List<JudgementContext> plain = question.contexts().stream()
                .map(context -> context.withoutWeather())
                .distinct()
                .toList();
        Totals most = known.get(question.in(plain));
        return Optional.ofNullable(most)
                .filter(totals -> plain.size() == 1
                        && known.entrySet().stream()
                                .anyMatch(
                                        other -> other.getValue().equals(totals) && isPart(other.getKey(), question)));
    }

    /** Whether another question differs only in asking about some of the contexts. */
    private static boolean isPart(CountQuestion other, CountQuestion question) {
        Set<JudgementContext> contexts = new HashSet<>(question.contexts());
        return contexts.containsAll(other.contexts())
                && other.in(question.contexts()).equals(question);
    }
}
