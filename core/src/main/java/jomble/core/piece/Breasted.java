package jomble.core.piece;

/** Single or double breasted. */
public enum Breasted implements Word {
    SINGLE,
    DOUBLE
}
