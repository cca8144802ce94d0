package jomble.core.piece;

/** How large a pattern's repeat is, from shirting stripe to statement print. */
public enum PatternScale implements Word {
    MICRO,
    SMALL,
    MEDIUM,
    LARGE
}
