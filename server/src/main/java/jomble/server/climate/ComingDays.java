package jomble.server.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import jomble.core.brief.Brief;
import jomble.core.climate.Forecast;
import jomble.core.climate.Weather;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Today;
import org.springframework.stereotype.Component;

/** The weather where a client lives, from today on. */
@Component
public class ComingDays {
    private static final int DAYS = 7;

    private final Forecast forecast;
    private final Clock clock;

    ComingDays(Forecast forecast, Clock clock) {
        this.forecast = forecast;
        this.clock = clock;
    }

    /**
     * Today and the next six days; empty when the climate of their months is unknown.
     *
     * @param today the caller's day, or null for the server's
     */
    List<Forecast.Day> of(Brief brief, LocalDate today) {
        return days(brief, Today.of(today, clock), DAYS);
    }

    private List<Forecast.Day> days(Brief brief, LocalDate from, int days) {
        boolean isKnown = from.datesUntil(from.plusDays(days))
                .allMatch(day -> brief.climateOf(day.getMonthValue()).isPresent());
        String place = brief.place() == null ? "" : brief.place();
        return isKnown ? forecast.days(place, brief.climate(), from, days) : List.of();
    }

    /**
     * The weather of one of these days, wherever it is today.
     *
     * @throws ProblemException when the day is not among them
     */
    public Weather on(LocalDate date, Brief brief) {
        LocalDate utc = Today.of(null, clock);
        return days(brief, utc.minusDays(1), DAYS + 2).stream()
                .filter(day -> day.date().equals(date))
                .map(Forecast.Day::weather)
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound("The weather of " + date));
    }
}
