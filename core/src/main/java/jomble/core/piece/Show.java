package jomble.core.piece;

/** How much a piece asks to be looked at. */
public enum Show implements Word {
    QUIET,
    NOTICEABLE,
    STATEMENT
}
