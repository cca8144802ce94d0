package jomble.core.entry;

/** Reads one sort of thing that may stand on a line: a size, a price, a count. */
interface PlaceReader {
    /**
     * Reads what stands from a place on.
     *
     * @return how many words it took, 0 where it stands for something else
     */
    int read(int at);
}
