package jomble.core.piece;

/** The family a kind belongs to; it decides where the piece hangs on the rail. */
public enum Family implements Word {
    BASE_LAYER,
    TOP,
    BOTTOM,
    ONE_PIECE,
    DRAPE,
    MID_LAYER,
    JACKET,
    COAT,
    SHOES,
    LEGWEAR,
    ACCESSORY
}
