package jomble.core.counting;

/** The count was stopped before its end; there is no figure. */
public final class CountingStoppedException extends RuntimeException {
    private static final long serialVersionUID = 1;
}
