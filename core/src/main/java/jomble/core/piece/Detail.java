package jomble.core.piece;

/** A feature that single rules name. */
public enum Detail implements Word {
    RUFFLE,
    BOW,
    PLEATED_WAIST,
    PAPER_BAG_WAIST,
    DISTRESSED,
    HEAVY_BORDER,
    FASTENS_FRONT,
    FASTENS_SIDE,
    FASTENS_BACK,
    SHORT_NECKLACE,
    LONG_NECKLACE,
    LINING_SHOWS,
    STRAP_SHOWS
}
