package jomble.core.piece;

/** The shape of a heel. */
public enum HeelType implements Word {
    FLAT,
    BLOCK,
    STILETTO,
    WEDGE
}
