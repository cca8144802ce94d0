package jomble.core.counting.query;

import java.util.Collection;
import java.util.List;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.WardrobeTooLargeException;

/** Finds the set of all combinations that count, and completes those to be shown. */
public interface SolutionFinder {
    /**
     * @throws CountingStoppedException when the progress listener asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     */
    SolutionSet find(CountQuestion question, Progress progress);

    /**
     * Wears and completes combinations in the simplest way.
     *
     * @param found combinations from the solution set of the same question
     * @return in the same order
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    List<Combination> complete(CountQuestion question, Collection<Found> found, Progress progress);
}
