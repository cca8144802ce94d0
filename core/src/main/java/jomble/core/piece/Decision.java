package jomble.core.piece;

/** What the stylist and the client decided about a piece. */
public enum Decision implements Word {
    UNDECIDED,
    KEEP,
    ALTER,
    REPAIR,
    CLEAN,
    STORE,
    PART_WITH
}
