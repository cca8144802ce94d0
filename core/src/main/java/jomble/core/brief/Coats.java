package jomble.core.brief;

import jomble.core.piece.Word;

/** Which coats the client is taken to have. */
public enum Coats implements Word {
    /** Those recorded, and where none is worn, one warm enough for the weather: many wardrobes are recorded without coats. */
    ASSUMED,
    /** Those in the wardrobe alone. */
    RECORDED
}
