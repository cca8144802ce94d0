package jomble.core.counting.remaining;

/**
 * What the levels that are filled may add to the warmth of an outfit and what comes of it, as lists that are each kept once.
 *
 * <p>The sums of clo a body starts from differ almost from body to body, while what may be added to them does not; so the lists are
 * worked out apart from the sums.
 */
interface Fillings {
    /** The empty list. */
    int NONE = Joiner.NO;

    /** Nothing added, at a price. */
    int nothing(int points);

    /** One list of those for each way to decide a level. */
    int union(int level, int[] of);

    /**
     * What comes of a body, as a node of the diagram.
     *
     * @param of lists for each way to decide a level
     * @param sums of what is on, of {@link WarmthScale}
     */
    int given(int level, int[] of, int sums);
}
