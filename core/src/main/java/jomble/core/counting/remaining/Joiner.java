package jomble.core.counting.remaining;

/**
 * Combines the results of all choices at a level of the remaining slots into one. Results are numbers; equal results
 * have the same number.
 */
interface Joiner {
    /** The result when nothing can be worn. */
    int NO = 0;

    /** The result once every slot is decided. */
    int end(int points);

    /**
     * Combines the results of every choice at a level.
     *
     * @param of the result of each way; the first is for the empty slot. The array is reused between calls
     */
    int join(int level, int[] of);

    /** Whether the result so far is final, so that the remaining choices need not be examined. */
    boolean suffices(int level, int found);
}
