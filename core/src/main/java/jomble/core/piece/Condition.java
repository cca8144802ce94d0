package jomble.core.piece;

/** The state a piece is in. */
public enum Condition implements Word {
    NEW,
    GOOD,
    WORN,
    NEEDS_REPAIR
}
