package jomble.core.piece;

/** The lapel of a tailored front. */
public enum Lapel implements Word {
    NONE,
    NOTCH,
    PEAK,
    SHAWL
}
