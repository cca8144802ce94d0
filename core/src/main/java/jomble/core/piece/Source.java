package jomble.core.piece;

/** How a piece came to its owner. */
public enum Source implements Word {
    NEW,
    SECOND_HAND,
    HANDMADE,
    GIFT
}
