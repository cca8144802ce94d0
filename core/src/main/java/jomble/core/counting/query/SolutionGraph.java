package jomble.core.counting.query;

/** A layered graph of choices that ends in verdicts. Children have lower numbers than their parents. */
public interface SolutionGraph {
    /** The number of nodes. */
    int size();

    /** The layer of the slot that a node decides; undefined for terminals. */
    int level(int node);

    /** Index of a node's first edge; its edges are ordered by choice and end before {@link #end}. */
    int begin(int node);

    int end(int node);

    /** 0 for the empty slot; the options of the layer start at 1. */
    int choice(int edge);

    int child(int edge);
}
