package jomble.core.counting.query;

import java.util.Collection;
import java.util.List;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.WardrobeTooLargeException;

/** Finds the set of all combinations that count, and completes those that are shown. */
public interface SolutionFinder {
    /**
     * @throws CountingStoppedException when the progress asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     */
    SolutionSet find(CountQuestion question, Progress progress);

    /**
     * Combinations of the question, worn and completed as plainly as they can be.
     *
     * @param found combinations of the set of the same question
     * @return in the same order
     * @throws CountingStoppedException when the progress asks to stop
     */
    List<Combination> complete(CountQuestion question, Collection<Found> found, Progress progress);
}
