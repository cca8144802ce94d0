package jomble.server.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.VariedOrder;
import org.springframework.stereotype.Component;

/**
 * Lists best first and varied. Each outfit has to be completed for that, so lists of up to {@value #LONGEST} are sorted whole; of a longer
 * one {@value #SELECTED} outfits are sorted that stand evenly spread in the stable order, {@value #RUN} in a row. The last ones are
 * remembered.
 */
@Component
class BestFirst {
    static final int LONGEST = 1_000;
    private static final int AT_ONCE = 250;
    private static final int REMEMBERED = 3;
    static final int SELECTED = 400;
    private static final int RUN = 25;

    private final Counter counter;
    private final Remembered<Part, Laid> known = new Remembered<>(REMEMBERED);

    /**
     * A page of a sorted list.
     *
     * @param listed how many outfits the sorted list has: all of them, or a selection of a list too long to be sorted
     */
    record Sorted(int listed, CombinationPage page) {}

    /** A sorted list, or the selection that stands for it, with the length of the whole. */
    private record Laid(BigInteger total, List<Combination> outfits) {}

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
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    Sorted page(CountQuestion question, long from, int offset, int limit, Progress progress) {
        Part part = new Part(question, from);
        Laid laid = known.get(part);
        if (laid == null) {
            laid = sorted(part, progress);
            known.put(part, laid);
        }
        List<Combination> all = laid.outfits();
        int first = Math.min(offset, all.size());
        return new Sorted(
                all.size(), new CombinationPage(laid.total(), all.subList(first, Math.min(first + limit, all.size()))));
    }

    private Laid sorted(Part part, Progress progress) {
        CombinationPage first = page(part, 0, progress);
        if (first.total().compareTo(BigInteger.valueOf(LONGEST)) > 0) {
            return new Laid(first.total(), VariedOrder.of(selection(part, first.total(), progress)));
        }
        int total = first.total().intValueExact();
        List<Combination> all = new ArrayList<>(first.combinations());
        while (all.size() < total) {
            if (!progress.goOn((double) all.size() / total)) {
                throw new CountingStoppedException();
            }
            all.addAll(page(part, all.size(), progress).combinations());
        }
        return new Laid(first.total(), VariedOrder.of(all));
    }

    private List<Combination> selection(Part part, BigInteger total, Progress progress) {
        int runs = SELECTED / RUN;
        List<Combination> selected = new ArrayList<>();
        for (int run = 0; run < runs; run++) {
            if (!progress.goOn((double) run / runs)) {
                throw new CountingStoppedException();
            }
            long place = total.multiply(BigInteger.valueOf(run))
                    .divide(BigInteger.valueOf(runs))
                    .longValueExact();
            selected.addAll(counter.list(part.question, part.from + place, RUN, progress)
                    .combinations());
        }
        return selected;
    }

    private CombinationPage page(Part part, int offset, Progress progress) {
        return counter.list(part.question, part.from + offset, AT_ONCE, progress)
                .after(part.from);
    }
}
