package jomble.core.counting.query;

/** Choices that follow each other layer by layer, down to a verdict. Children have lower numbers than those they are children of. */
public interface SolutionGraph {
    /** The number of nodes. */
    int size();

    /** The layer whose slot a node decides; not of terminals. */
    int level(int node);

    /** The first of the edges of a node, which follow each other by choice; {@link #end} is after the last. */
    int begin(int node);

    int end(int node);

    /** 0 for the empty slot, from 1 on the options of the layer. */
    int choice(int edge);

    int child(int edge);
}
