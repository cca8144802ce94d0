package jomble.core.brief;

import jomble.core.climate.DayHours;
import jomble.core.piece.Word;

/** When in the day an occasion is. */
public enum TimeOfDay implements Word {
    MORNING(0.15, 0.8),
    DAYTIME(0.25, 1),
    EVENING(0.3, 0.75),
    NIGHT(0.05, 0.35);

    private final DayHours hours;

    TimeOfDay(double low, double high) {
        this.hours = new DayHours(low, high);
    }

    /** The part of the day's temperatures felt then. */
    public DayHours hours() {
        return hours;
    }
}
