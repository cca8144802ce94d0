package jomble.core.piece;

/** Whether a boot's shaft sits close to the leg. */
public enum ShaftFit implements Word {
    SLIM,
    ROOMY
}
