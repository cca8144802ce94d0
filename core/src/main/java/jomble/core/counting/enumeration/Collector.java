package jomble.core.counting.enumeration;

/** Reads off figures of what a count finds. */
public interface Collector {
    /** Told of one part after the other, in the stable order. */
    void add(PartitionSolutions solutions);
}
