package jomble.core.piece;

/** How a garment closes, and so whether it can be worn open. */
public enum Opening implements Word {
    NONE,
    BUTTONS,
    ZIP,
    WRAP,
    TIE,
    OPEN_FRONT
}
