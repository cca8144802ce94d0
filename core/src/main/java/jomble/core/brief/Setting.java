package jomble.core.brief;

import jomble.core.piece.Word;

/** The surroundings of an occasion, where they ask for more than a dress code says. */
public enum Setting implements Word {
    /** Rooms, streets, anything that asks for nothing in particular. */
    USUAL,
    /** A quay, a moor, a field, a boat. */
    ROUGH,
    /** A laboratory bench, where things spill and catch. */
    BENCH,
    /** A ceremony, where festive dress is complete. */
    CEREMONY
}
