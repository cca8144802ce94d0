package jomble.core.piece;

/** A way a piece may be worn within a role. */
public enum Finish implements Word {
    TUCKED,
    HALF_TUCKED,
    UNTUCKED,
    KNOTTED,
    BELTED,
    OPEN,
    BUTTONED,
    SLEEVES_ROLLED,
    SLEEVES_PUSHED,
    CUFFED_HEM,
    COLLAR_OUT,
    OVER_SHOULDERS,
    DRAPED,
    TIED_BACK
}
