package jomble.core.climate;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;

/**
 * A stand-in for a weather service: days vary around the place's climate, deterministically for each place and date.
 *
 * <p>Each day's mean deviates from the month's by a normal deviate with a standard deviation of {@value #DEVIATION_C}
 * °C, half of it shared with the day before, so that there are warm and cold spells. Rain follows the month's rain
 * days.
 */
public final class SimulatedForecast implements Forecast {
    private static final double DEVIATION_C = 3;

    @Override
    public List<Day> days(String place, List<ClimateMonth> climate, LocalDate from, int days) {
        return from.datesUntil(from.plusDays(days))
                .map(date -> new Day(date, weather(place, month(climate, date), date)))
                .toList();
    }

    private static ClimateMonth month(List<ClimateMonth> climate, LocalDate date) {
        return climate.stream()
                .filter(month -> month.month() == date.getMonthValue())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no climate of month " + date.getMonthValue()));
    }

    private static Weather weather(String place, ClimateMonth month, LocalDate date) {
        Random today = chance(place, date);
        double warmer = DEVIATION_C
                * (today.nextGaussian() + chance(place, date.minusDays(1)).nextGaussian())
                / Math.sqrt(2);
        boolean rain = today.nextDouble() < month.typicalDay().rainChance();
        return new Weather(
                rounded(month.lowC() + warmer),
                rounded(month.highC() + warmer - (rain ? 1 : 0)),
                month.humidityPercent(),
                rounded(Math.max(0, month.windMs() * (0.6 + 0.8 * today.nextDouble()))),
                rain ? 0.9 : 0.1,
                false);
    }

    private static Random chance(String place, LocalDate date) {
        return new Random(31L * place.hashCode() + 1_000_003L * date.toEpochDay());
    }

    private static double rounded(double value) {
        return Math.round(value);
    }
}
