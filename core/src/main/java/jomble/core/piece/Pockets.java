package jomble.core.piece;

/** How a tailored garment's pockets are made. */
public enum Pockets implements Word {
    NONE,
    PATCH,
    FLAP,
    JETTED
}
