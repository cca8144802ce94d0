package jomble.core.brief;

import jomble.core.piece.Word;

/** The surroundings of an occasion, when they require more than a dress code. */
public enum Setting implements Word {
    /** Rooms, streets, anything without special requirements. */
    USUAL,
    /** A quay, a moor, a field, a boat. */
    ROUGH,
    /** A laboratory bench, where things spill and catch. */
    BENCH,
    /** A ceremony, where festive dress is complete. */
    CEREMONY
}
