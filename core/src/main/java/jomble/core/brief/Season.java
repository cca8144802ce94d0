package jomble.core.brief;

import java.util.List;

/**
 * A part of the client's year.
 *
 * <p>What works in one of its months works in the season. Such a union flatters, so that needs and plans also look at the
 * weakest month.
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
