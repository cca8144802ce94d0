package jomble.core.piece;

/** The pattern of a cloth, woven, knitted or printed. */
public enum Pattern implements Word {
    SOLID,
    STRIPE,
    PINSTRIPE,
    CHALK_STRIPE,
    CHECK,
    WINDOWPANE,
    GLEN_CHECK,
    HOUNDSTOOTH,
    HERRINGBONE,
    DOT,
    FLORAL,
    ANIMAL,
    PAISLEY,
    GEOMETRIC,
    ABSTRACT,
    FLECK,
    COLOUR_BLOCK,
    BORDER;

    public boolean isStriped() {
        return this == STRIPE || isTailoringStripe();
    }

    /** The two stripes that mark a cloth as suiting. */
    public boolean isTailoringStripe() {
        return this == PINSTRIPE || this == CHALK_STRIPE;
    }
}
