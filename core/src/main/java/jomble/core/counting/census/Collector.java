package jomble.core.counting.census;

/** Reads off figures of what a count finds. */
interface Collector {
    /** Told of one part after the other, in the stable order. */
    void add(Census census);
}
