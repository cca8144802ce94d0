package jomble.core.counting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Counts and lists the combinations of a wardrobe. Implementations agree with the judge to the last one. */
public interface Counter {
    /**
     * @param crossings pairs of slots to cross
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress);

    /**
     * The totals of {@link #count} alone, which cost less.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    Totals totals(CountQuestion question, Progress progress);

    /**
     * What pieces in slots that are not counted do, for {@link Counts#with}.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    Completions completions(CountQuestion question, Progress progress);

    /**
     * What goes when pieces are taken out of the wardrobe, where it can be known without counting what is left.
     *
     * @param known the counts of the question
     * @param out none where something else is changed
     * @return empty where what is left must be counted
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
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
     * The pieces in counted slots of every combination that works, daring ones aside, in the order of {@link #list}. How they are worn
     * and completed is not worked out, so this costs far less than the list.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    List<Map<Slot, List<PieceId>>> tuples(CountQuestion question, Progress progress);

    /**
     * Reports every ensemble whose outfits work, daring ones aside. Whatever the question counts, clothes, shoes and coats are told apart.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    void ensembles(CountQuestion question, EnsembleListener listener, Progress progress);
}
