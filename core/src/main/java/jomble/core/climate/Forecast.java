package jomble.core.climate;

import java.time.LocalDate;
import java.util.List;

/** A weather service. */
public interface Forecast {
    /** The weather of one day. */
    record Day(LocalDate date, Weather weather) {}

    /**
     * The forecast from a date on.
     *
     * @param climate of the place, for every month in the range
     * @param days 1 to 14
     */
    List<Day> days(String place, List<ClimateMonth> climate, LocalDate from, int days);
}
