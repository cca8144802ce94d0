package jomble.core.climate;

/**
 * The weather of one day, or of a typical day of a month.
 *
 * @param lowC daily low, −60..60 °C, at most {@code highC}
 * @param highC daily high
 * @param humidityPercent relative humidity, 0..100
 * @param windMs wind speed in m/s
 * @param rainChance probability of rain, 0..1
 * @param indoors the day is spent indoors only: outdoor checks are left out
 */
public record Weather(
        double lowC, double highC, double humidityPercent, double windMs, double rainChance, boolean indoors) {
    public Weather {
        if (lowC > highC) {
            throw new IllegalArgumentException("the low " + lowC + " is above the high " + highC);
        }
    }
}
