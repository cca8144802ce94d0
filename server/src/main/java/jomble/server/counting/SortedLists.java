package jomble.server.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jomble.core.colour.ColourScheme;
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
 * Lists in an order other than the stable one, and lists of one colour scheme. Both require completing every outfit, so
 * lists of up to {@value #LONGEST} are sorted and narrowed whole. For a longer list, best first sorts {@value #SELECTED}
 * outfits spread evenly over the stable order in runs of {@value #RUN}, and everything else is refused. The most recent
 * lists are cached.
 */
@Component
class SortedLists {
    static final int LONGEST = 10_000;
    static final int SELECTED = 400;
    private static final int RUN = 25;
    private static final int OF_THE_HEAP = 16;
    private static final long BYTES_OF_AN_OUTFIT = 1500;
    private static final Comparator<Combination> BY_CREDITS =
            Comparator.comparing(Combination::verdict).thenComparing(Combination::credits, Comparator.reverseOrder());
    private static final Comparator<Combination> BY_SCHEME =
            Comparator.comparing(Combination::verdict).thenComparing(Combination::scheme);

    private final Counter counter;
    private final AnswerCache<Part, Laid> known = new AnswerCache<>(
            OF_THE_HEAP,
            (part, laid) -> AnswerCache.bytesOf(part.question())
                    + BYTES_OF_AN_OUTFIT * laid.outfits().size());

    /**
     * A page of a sorted list.
     *
     * @param listed length of the sorted list: all outfits, or a selection when there are too many to sort
     */
    record Sorted(int listed, CombinationPage page) {}

    /** A sorted list or selection, with the length of the whole list. */
    private record Laid(BigInteger total, List<Combination> outfits) {}

    /**
     * What to list.
     *
     * @param from index of the list's first combination among those of the question
     * @param scheme the only colour scheme; null for all
     */
    record Part(CountQuestion question, long from, ListOrder order, ColourScheme scheme) {
        /** Whether it cannot be listed page by page as it is counted. */
        boolean isSorted() {
            return order != ListOrder.STABLE || scheme != null;
        }
    }

    SortedLists(Counter counter) {
        this.counter = counter;
    }

    /**
     * A page of the sorted list.
     *
     * @param offset in the sorted list
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws ProblemException when a list other than best first is longer than {@value #LONGEST}
     */
    Sorted page(Part part, int offset, int limit, Progress progress) {
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
        BigInteger total = page(part, 0, progress.part(0, 0.1)).total();
        boolean isLonger = total.compareTo(BigInteger.valueOf(LONGEST)) > 0;
        if (isLonger && (part.order != ListOrder.BEST || part.scheme != null)) {
            throw ProblemException.conflict(
                    "too-long",
                    "Lists of up to %,d outfits can be sorted or narrowed by colour; this one has %,d."
                            .formatted(LONGEST, total));
        }
        Progress rest = progress.part(0.1, 1);
        List<Combination> outfits = isLonger
                ? selection(part, total, rest)
                : page(part, LONGEST, rest).combinations();
        if (part.scheme == null) {
            return new Laid(total, ordered(outfits, part.order));
        }
        List<Combination> ofScheme =
                outfits.stream().filter(one -> one.scheme() == part.scheme).toList();
        return new Laid(BigInteger.valueOf(ofScheme.size()), ordered(ofScheme, part.order));
    }

    private static List<Combination> ordered(List<Combination> outfits, ListOrder order) {
        return switch (order) {
            case STABLE -> outfits;
            case BEST -> VariedOrder.of(outfits);
            case CREDITS -> outfits.stream().sorted(BY_CREDITS).toList();
            case SCHEME -> outfits.stream().sorted(BY_SCHEME).toList();
        };
    }

    private List<Combination> selection(Part part, BigInteger total, Progress progress) {
        int runs = SELECTED / RUN;
        List<Combination> selected = new ArrayList<>();
        for (int run = 0; run < runs; run++) {
            long place = total.multiply(BigInteger.valueOf(run))
                    .divide(BigInteger.valueOf(runs))
                    .longValueExact();
            selected.addAll(counter.list(part.question, part.from + place, RUN, progress.partOf(run, runs))
                    .combinations());
        }
        return selected;
    }

    private CombinationPage page(Part part, int limit, Progress progress) {
        return counter.list(part.question, part.from, limit, progress).after(part.from);
    }
}
