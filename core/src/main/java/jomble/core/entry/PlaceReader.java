package jomble.core.entry;

/** Recognises one kind of part of a line, such as a size, a price or a count. */
interface PlaceReader {
    /**
     * Reads the part that starts at an index.
     *
     * @return number of words read, 0 when it is something else
     */
    int read(int at);
}
