package jomble.core.piece;

/** Whether a piece fits its owner today. */
public enum FitsNow implements Word {
    GOOD,
    TOO_SMALL,
    TOO_LARGE,
    UNTRIED
}
