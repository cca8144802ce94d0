package jomble.core.counting.table;

/** A table would exceed its memory limit. */
public final class TableFullException extends RuntimeException {
    private static final long serialVersionUID = 1;
}
