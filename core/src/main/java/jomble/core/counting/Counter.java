package jomble.core.counting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Counts and lists the combinations of a wardrobe. Implementations agree exactly with the judge. */
public interface Counter {
    /**
     * @param crossings pairs of slots to cross
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress);

    /**
     * The totals of {@link #count} without its other figures, which takes less time.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    Totals totals(CountQuestion question, Progress progress);

    /**
     * The figures of uncounted pieces, for {@link Counts#with}.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    Completions completions(CountQuestion question, Progress progress);

    /**
     * What changes when pieces are removed, if it can be computed without a new count.
     *
     * @param known the counts of the question
     * @param out a question that only leaves out pieces; any other difference gives an empty result
     * @return empty when the remaining wardrobe must be counted
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     */
    Optional<CountDifference> without(CountQuestion question, Counts known, Set<PieceId> out, Progress progress);

    /**
     * Combinations from {@code offset}, at most {@code limit}: those that work before the daring ones, then by structure
     * and by the ids of the pieces in slot order.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    CombinationPage list(CountQuestion question, long offset, int limit, Progress progress);

    /**
     * The pieces in counted slots of every combination that works, without daring ones, in the order of {@link #list}.
     * It is much faster than the list, because combinations are not completed.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    List<Map<Slot, List<PieceId>>> tuples(CountQuestion question, Progress progress);

    /**
     * Reports every ensemble whose outfits work, without daring ones. Clothes, shoes and coats are always
     * distinguished, whatever the question counts.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    void ensembles(CountQuestion question, EnsembleListener listener, Progress progress);
}
