package jomble.core.counting.enumeration;

/** Collects figures from solutions as they are found. */
public interface Collector {
    /** Called once for each partition, in the stable order. */
    void add(PartitionSolutions solutions);
}
