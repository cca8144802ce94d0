package jomble.server.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import jomble.core.brief.Brief;
import jomble.core.climate.Forecast;
import jomble.core.climate.Weather;
import jomble.server.problem.ProblemException;
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

    /** Today and the next six days; empty when the climate of their months is unknown. */
    List<Forecast.Day> of(Brief brief) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        boolean isKnown = today.datesUntil(today.plusDays(DAYS))
                .allMatch(day -> brief.climateOf(day.getMonthValue()).isPresent());
        String place = brief.place() == null ? "" : brief.place();
        return isKnown ? forecast.days(place, brief.climate(), today, DAYS) : List.of();
    }

    /**
     * The weather of one of these days.
     *
     * @throws ProblemException when the day is not among them
     */
    public Weather on(LocalDate date, Brief brief) {
        return of(brief).stream()
                .filter(day -> day.date().equals(date))
                .map(Forecast.Day::weather)
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound("The weather of " + date));
    }
}
