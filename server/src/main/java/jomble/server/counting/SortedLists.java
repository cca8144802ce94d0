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
import jomble.core.counting.VariedOrder;
import jomble.server.problem.ProblemException;
import org.springframework.stereotype.Component;

/**
 * Lists in another order than the stable one: best first and varied, or by credits. Each outfit of the list has to be completed for that.
 * So best first sorts lists of up to {@value #LONGEST} whole, and of a longer one {@value #SELECTED} outfits that stand evenly spread in
 * the stable order, {@value #RUN} in a row; by credits a list longer than {@value #LONGEST_BY_CREDITS} is refused. The last ones are
 * remembered.
 */
@Component
class SortedLists {
    static final int LONGEST = 1_000;
    static final int LONGEST_BY_CREDITS = 10_000;
    static final int SELECTED = 400;
    private static final int RUN = 25;
    private static final int AT_ONCE = 250;
    private static final int REMEMBERED = 3;
    private static final Comparator<Combination> BY_CREDITS =
            Comparator.comparing(Combination::verdict).thenComparing(Combination::credits, Comparator.reverseOrder());

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

    /** A list from a place on, and its order. */
    private record Part(CountQuestion question, long from, ListOrder order) {}

    SortedLists(Counter counter) {
        this.counter = counter;
    }

    /**
     * A page of the sorted list.
     *
     * @param order another than the stable one
     * @param from where the list begins among the combinations of the question
     * @param offset in the sorted list
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws ProblemException when a list by credits is longer than {@value #LONGEST_BY_CREDITS}
     */
    Sorted page(CountQuestion question, ListOrder order, long from, int offset, int limit, Progress progress) {
        Part part = new Part(question, from, order);
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
        BigInteger total = first.total();
        if (part.order == ListOrder.CREDITS) {
            if (isLonger(total, LONGEST_BY_CREDITS)) {
                throw ProblemException.conflict(
                        "too-long",
                        "Lists of up to %,d outfits can be sorted; this one has %,d."
                                .formatted(LONGEST_BY_CREDITS, total));
            }
            return new Laid(
                    total,
                    whole(part, first, progress).stream().sorted(BY_CREDITS).toList());
        }
        return new Laid(
                total,
                VariedOrder.of(
                        isLonger(total, LONGEST) ? selection(part, total, progress) : whole(part, first, progress)));
    }

    private static boolean isLonger(BigInteger total, int most) {
        return total.compareTo(BigInteger.valueOf(most)) > 0;
    }

    private List<Combination> whole(Part part, CombinationPage first, Progress progress) {
        int total = first.total().intValueExact();
        List<Combination> all = new ArrayList<>(first.combinations());
        while (all.size() < total) {
            if (!progress.goOn((double) all.size() / total)) {
                throw new CountingStoppedException();
            }
            all.addAll(page(part, all.size(), progress).combinations());
        }
        return all;
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
