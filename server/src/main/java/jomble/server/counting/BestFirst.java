package jomble.server.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.server.problem.ProblemException;
import org.springframework.stereotype.Component;

/**
 * Lists with what most speaks for first: what works before what is daring, of one verdict by credits, of as many in the stable order. Each
 * outfit of the list has to be completed for that, so only lists of some length are sorted. The last ones are remembered.
 */
@Component
class BestFirst {
    static final int LONGEST = 10_000;
    private static final int AT_ONCE = 250;
    private static final int REMEMBERED = 3;
    private static final Comparator<Combination> ORDER =
            Comparator.comparing(Combination::verdict).thenComparing(Combination::credits, Comparator.reverseOrder());

    private final Counter counter;
    private final Remembered<Part, List<Combination>> known = new Remembered<>(REMEMBERED);

    /** A list from a place on. */
    private record Part(CountQuestion question, long from) {}

    BestFirst(Counter counter) {
        this.counter = counter;
    }

    /**
     * A page of the sorted list.
     *
     * @param from where the list begins among the combinations of the question
     * @param offset in the sorted list
     * @throws ProblemException when the list is longer than {@value #LONGEST}
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    CombinationPage page(CountQuestion question, long from, int offset, int limit, Progress progress) {
        Part part = new Part(question, from);
        List<Combination> all = known.get(part);
        if (all == null) {
            all = sorted(part, progress);
            known.put(part, all);
        }
        int first = Math.min(offset, all.size());
        return new CombinationPage(
                BigInteger.valueOf(all.size()), all.subList(first, Math.min(first + limit, all.size())));
    }

    private List<Combination> sorted(Part part, Progress progress) {
        CombinationPage first = page(part, 0, progress);
        if (first.total().compareTo(BigInteger.valueOf(LONGEST)) > 0) {
            throw ProblemException.conflict(
                    "too-long",
                    "Lists of up to %,d outfits can be sorted; this one has %,d.".formatted(LONGEST, first.total()));
        }
        int total = first.total().intValueExact();
        List<Combination> all = new ArrayList<>(first.combinations());
        while (all.size() < total) {
            if (!progress.goOn((double) all.size() / total)) {
                throw new CountingStoppedException();
            }
            all.addAll(page(part, all.size(), progress).combinations());
        }
        all.sort(ORDER);
        return List.copyOf(all);
    }

    private CombinationPage page(Part part, int offset, Progress progress) {
        return counter.list(part.question, part.from + offset, AT_ONCE, progress)
                .after(part.from);
    }
}
