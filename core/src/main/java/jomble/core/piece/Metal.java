package jomble.core.piece;

/** The metal a piece shows, if any. */
public enum Metal implements Word {
    NONE,
    GOLD,
    SILVER,
    ROSE_GOLD,
    GUNMETAL,
    BRASS,
    MIXED
}
