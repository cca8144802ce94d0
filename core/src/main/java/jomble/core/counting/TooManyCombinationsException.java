package jomble.core.counting;

/** There are more than 2^127 − 1 combinations; nothing was counted. */
public final class TooManyCombinationsException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public TooManyCombinationsException(ArithmeticException cause) {
        super("more than 2^127 - 1 combinations", cause);
    }
}
