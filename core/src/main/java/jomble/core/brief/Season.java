package jomble.core.brief;

import java.util.List;

/**
 * A part of the client's year.
 *
 * <p>A season is asked about in its middle month: all its months together would flatter, since what works in any of them would count.
 *
 * @param name such as "winter", "wet season" or "term"
 * @param months 1 to 12, each once, in the order they follow each other
 */
public record Season(String name, List<Integer> months) {
    /** A client has at most so many. */
    public static final int MOST = 6;

    public Season {
        months = List.copyOf(months);
        if (months.isEmpty()) {
            throw new IllegalArgumentException("a season without months: " + name);
        }
    }

    /** The middle month; the earlier of two. */
    public int middle() {
        return months.get((months.size() - 1) / 2);
    }
}
