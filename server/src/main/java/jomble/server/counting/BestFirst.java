package jomble.server.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
    private final Map<CountQuestion, List<Combination>> known =
            Collections.synchronizedMap(new LinkedHashMap<>(4, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<CountQuestion, List<Combination>> eldest) {
                    return size() > REMEMBERED;
                }
            });

    BestFirst(Counter counter) {
        this.counter = counter;
    }

    /**
     * A page of the sorted list.
     *
     * @throws ProblemException when the list is longer than {@value #LONGEST}
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    CombinationPage page(CountQuestion question, long offset, int limit, Progress progress) {
        List<Combination> all = known.get(question);
        if (all == null) {
            all = sorted(question, progress);
            known.put(question, all);
        }
        int from = (int) Math.min(offset, all.size());
        return new CombinationPage(
                BigInteger.valueOf(all.size()), all.subList(from, Math.min(from + limit, all.size())));
    }

    private List<Combination> sorted(CountQuestion question, Progress progress) {
        CombinationPage first = counter.list(question, 0, AT_ONCE, progress);
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
            all.addAll(counter.list(question, all.size(), AT_ONCE, progress).combinations());
        }
        all.sort(ORDER);
        return List.copyOf(all);
    }
}
