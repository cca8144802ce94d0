package jomble.core.counting;

/** There is more to combine than memory is set aside for; nothing was counted. */
public final class WardrobeTooLargeException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final int ways;
    private final int most;

    private WardrobeTooLargeException(String message, Throwable cause) {
        super(message, cause);
        this.ways = 0;
        this.most = 0;
    }

    public static WardrobeTooLargeException ofMemory(Throwable cause) {
        return new WardrobeTooLargeException("more to remember than memory is set aside for", cause);
    }

    public WardrobeTooLargeException(int ways, int most) {
        super(ways + " ways to wear pieces, at most " + most);
        this.ways = ways;
        this.most = most;
    }

    /** Ways to wear the pieces: a piece in a slot in one finish; 0 where these are not what was too much. */
    public int ways() {
        return ways;
    }

    public int most() {
        return most;
    }
}
