package jomble.core.brief;

import java.util.List;

/**
 * A part of the client's year.
 *
 * <p>A season is judged in its middle month: a union of all its months would flatter, because what works in any of them
 * would count.
 *
 * @param name such as "winter", "wet season" or "term"
 * @param months 1 to 12, each once, in consecutive order
 */
public record Season(String name, List<Integer> months) {
    /** The largest number of seasons. */
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
