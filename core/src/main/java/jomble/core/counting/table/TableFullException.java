package jomble.core.counting.table;

/** A table would need more memory than one may take. */
public final class TableFullException extends RuntimeException {
    private static final long serialVersionUID = 1;
}
