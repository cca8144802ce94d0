package jomble.core.climate;

import java.util.List;
import java.util.Locale;

/**
 * A season as its months, 1 to 12, of the northern year; {@link #ANY} is no weather at all.
 *
 * <p>A season is asked about in its middle month: all its months together would flatter, since what works in any of them would count.
 */
public enum Season {
    ANY(List.of(), List.of()),
    WINTER(List.of(1), List.of(12, 1, 2)),
    SPRING(List.of(4), List.of(3, 4, 5)),
    SUMMER(List.of(7), List.of(6, 7, 8)),
    AUTUMN(List.of(10), List.of(9, 10, 11)),
    YEAR(List.of(1, 4, 7, 10), List.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12));

    private final List<Integer> middle;
    private final List<Integer> months;

    Season(List<Integer> middle, List<Integer> months) {
        this.middle = middle;
        this.months = months;
    }

    /** The months it is asked about in: its middle one; of the year, the middle one of each season. */
    public List<Integer> middle() {
        return middle;
    }

    public List<Integer> months() {
        return months;
    }

    /** Empty for {@link #ANY}. */
    public String id() {
        return this == ANY ? "" : name().toLowerCase(Locale.ROOT);
    }
}
