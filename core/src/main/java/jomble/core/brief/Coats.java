package jomble.core.brief;

import jomble.core.piece.Word;

/** Which coats stand between the client and the cold. */
public enum Coats implements Word {
    /** Where no recorded coat is worn, one that may not be recorded is: clothes are told apart, not coat cupboards. */
    ASSUMED,
    /** Those in the wardrobe alone. */
    RECORDED
}
