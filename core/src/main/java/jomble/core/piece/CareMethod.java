package jomble.core.piece;

/** How a piece is cleaned. */
public enum CareMethod implements Word {
    MACHINE,
    HAND,
    DRY_CLEAN,
    WIPE
}
