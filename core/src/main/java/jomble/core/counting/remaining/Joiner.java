package jomble.core.counting.remaining;

/** Makes one of the ways to go on from a level of the remaining slots: a number that stands for them, of equal ones the same. */
interface Joiner {
    /** What cannot be worn. */
    int NO = 0;

    /** When all is on. */
    int end(int points);

    /**
     * When a level was decided in every way.
     *
     * @param of by way, first for the empty slot; reused between calls
     */
    int join(int level, int[] of);

    /** Whether the other ways to decide a level need not be looked at any more. */
    boolean suffices(int level, int found);
}
