package jomble.core.counting.remaining;

/**
 * Lists of what filling the uncounted levels can add to an outfit's warmth and at what price; equal lists are shared.
 *
 * <p>Bodies start from almost as many different clo sums as there are bodies, while what can be added to them is the
 * same for many. The lists are therefore computed independently of the starting sums.
 */
interface Fillings {
    /** The empty list. */
    int NONE = Joiner.NO;

    /** The list that adds nothing, for this many points. */
    int nothing(int points);

    /** Merges the lists of all choices at a level into one. */
    int union(int level, int[] of);

    /**
     * Resolves the lists for a body to a diagram node.
     *
     * @param of the list of each choice at the level
     * @param sums clo sums of everything worn, packed as in {@link WarmthScale}
     */
    int given(int level, int[] of, int sums);
}
