package jomble.core.counting.enumeration;

/** Collects figures from solutions as they are found. */
public interface Collector {
    /** Called with one partition after the other, in the stable order. */
    void add(PartitionSolutions solutions);
}
