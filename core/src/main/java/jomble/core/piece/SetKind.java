package jomble.core.piece;

/** What holds a set of pieces together. */
public enum SetKind implements Word {
    SUIT,
    TWINSET,
    JEWELLERY,
    CO_ORD
}
