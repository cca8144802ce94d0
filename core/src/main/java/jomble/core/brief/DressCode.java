package jomble.core.brief;

import jomble.core.piece.Word;

/** A requirement an occasion may have. */
public enum DressCode implements Word {
    CLOSED_TOE,
    NO_DENIM,
    NO_SHEER,
    NO_SHORTS,
    NO_TRAINERS,
    NO_LOOSE_SLEEVES,
    NO_SHOES,
    SLEEVES,
    HEM_KNEE,
    JACKET,
    TIE,
    TUCKED,
    RESTRAINED_PRINTS,
    ALL_BLACK,
    COLOURS,
    NOT_COLOURS,
    PROTECTIVE_CLOTHING,
    /** No skirts, dresses or drapes. */
    TROUSERS,
    /** A heel of 2 cm at most. */
    FLAT,
    /** A mid layer or a jacket that can be taken off. */
    LAYERS
}
