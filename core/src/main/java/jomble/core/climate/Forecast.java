package jomble.core.climate;

import java.time.LocalDate;
import java.util.List;

/** A weather service. */
public interface Forecast {
    /** The weather of one day. */
    record Day(LocalDate date, Weather weather) {}

    /**
     * The days from a date on.
     *
     * @param climate of the place, of every month that is asked about
     * @param days 1 to 14
     */
    List<Day> days(String place, List<ClimateMonth> climate, LocalDate from, int days);
}
