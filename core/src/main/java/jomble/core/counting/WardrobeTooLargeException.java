package jomble.core.counting;

/** The wardrobe would need more memory than one count may use; nothing was counted. */
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

    /**
     * Number of ways to wear the wardrobe's pieces, each a piece in a slot with a finish; 0 when another limit was
     * exceeded.
     */
    public int ways() {
        return ways;
    }

    public int most() {
        return most;
    }
}
