package jomble.core.climate;

import java.time.YearMonth;

/**
 * The mean weather of one month of the year at a place.
 *
 * @param month 1..12
 * @param lowC mean daily low
 * @param highC mean daily high
 * @param humidityPercent 0..100
 * @param windMs mean wind, m/s
 * @param rainDays mean number of days with rain
 */
public record ClimateMonth(
        int month, double lowC, double highC, double humidityPercent, double windMs, double rainDays) {
    private static final int COMMON_YEAR = 2001;

    /** A typical day of the month. */
    public Weather typicalDay() {
        int days = YearMonth.of(COMMON_YEAR, month).lengthOfMonth();
        return new Weather(lowC, highC, humidityPercent, windMs, Math.min(1, rainDays / days), false);
    }
}
