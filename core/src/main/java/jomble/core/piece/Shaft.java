package jomble.core.piece;

/** How high a boot's shaft reaches. */
public enum Shaft implements Word {
    NONE,
    ANKLE,
    MID_CALF,
    KNEE,
    OVER_KNEE
}
