package jomble.core.climate;

import java.util.List;
import java.util.Locale;

/** A season as its months, 1 to 12, of the northern year; {@link #ANY} is no weather at all. */
public enum Season {
    ANY(),
    WINTER(12, 1, 2),
    SPRING(3, 4, 5),
    SUMMER(6, 7, 8),
    AUTUMN(9, 10, 11),
    YEAR(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12);

    private final List<Integer> months;

    Season(Integer... months) {
        this.months = List.of(months);
    }

    public List<Integer> months() {
        return months;
    }

    /** Empty for {@link #ANY}. */
    public String id() {
        return this == ANY ? "" : name().toLowerCase(Locale.ROOT);
    }
}
