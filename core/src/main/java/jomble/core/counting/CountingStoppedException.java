package jomble.core.counting;

/** The count was cancelled; there is no result. */
public final class CountingStoppedException extends RuntimeException {
    private static final long serialVersionUID = 1;
}
