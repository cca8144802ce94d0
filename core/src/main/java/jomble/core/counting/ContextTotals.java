package jomble.core.counting;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;

/**
 * Totals of one wardrobe in many contexts, of which some follow from others: weather forbids and never allows, so that nothing comes
 * above what there is when no weather is given, and what already comes up to that in some months does so in more of them. Not for use
 * by several threads.
 */
public final class ContextTotals {
    private final Counter counter;
    private final Map<CountQuestion, Totals> known = new HashMap<>();

    public ContextTotals(Counter counter) {
        this.counter = counter;
    }

    /** Takes in what was counted before. */
    public void know(CountQuestion question, Totals totals) {
        known.put(question, totals);
    }

    /**
     * Counts where it must; the context without weather is best asked for first.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
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
                .map(context -> context.in(null))
                .distinct()
                .toList();
        Totals most = known.get(question.in(plain));
        return Optional.ofNullable(most)
                .filter(totals -> plain.size() == 1
                        && known.entrySet().stream()
                                .anyMatch(
                                        other -> other.getValue().equals(totals) && isPart(other.getKey(), question)));
    }

    /** Whether a question asks the same in some of the contexts. */
    private static boolean isPart(CountQuestion other, CountQuestion question) {
        Set<JudgementContext> contexts = new HashSet<>(question.contexts());
        return contexts.containsAll(other.contexts())
                && other.in(question.contexts()).equals(question);
    }
}
