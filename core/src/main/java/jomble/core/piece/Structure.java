package jomble.core.piece;

/** How much canvas and padding a tailored garment holds. */
public enum Structure implements Word {
    SOFT,
    HALF_STRUCTURED,
    STRUCTURED
}
