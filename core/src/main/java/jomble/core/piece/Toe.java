package jomble.core.piece;

/** Whether a shoe covers the toes. */
public enum Toe implements Word {
    OPEN,
    CLOSED
}
