package jomble.core.piece;

/** Where a piece is now. */
public enum Whereabouts implements Word {
    WARDROBE,
    LAUNDRY,
    CLEANER,
    TAILOR,
    REPAIRER,
    STORED,
    LENT,
    MISSING
}
