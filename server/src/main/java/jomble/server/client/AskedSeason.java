package jomble.server.client;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import jomble.core.brief.Brief;
import jomble.core.brief.Season;
import jomble.core.document.ClimateReader;
import jomble.server.problem.ProblemException;

/**
 * A season, the whole year or one day, as chosen on screen.
 *
 * @param id name of the client's season, {@link ClimateReader#ALL_YEAR} for all of them, a date, or empty for no
 *     weather
 * @param months all its months; what works in one of them works in the season
 * @param day the day, null for a season or the year
 */
public record AskedSeason(String id, List<Integer> months, LocalDate day) {
    private static final AskedSeason NONE = new AskedSeason("", List.of(), null);
    private static final Pattern DATE = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

    /** No weather, the seasons whose climate is known, and the year if all are. */
    public static List<AskedSeason> of(Brief brief) {
        List<AskedSeason> all = new ArrayList<>(List.of(NONE));
        brief.seasons().stream().filter(brief::knows).map(AskedSeason::of).forEach(all::add);
        if (brief.seasons().stream().allMatch(brief::knows)) {
            all.add(year(brief.seasons()));
        }
        return all;
    }

    /**
     * The season of that name, or the day of that date.
     *
     * @param id null or blank for no weather
     * @throws ProblemException when there is none, or its climate is not known
     */
    public static AskedSeason find(Brief brief, String id) {
        if (id == null || id.isBlank()) {
            return NONE;
        }
        boolean isKnown = id.equals(ClimateReader.ALL_YEAR)
                || brief.seasons().stream().anyMatch(season -> season.name().equals(id));
        if (!isKnown && DATE.matcher(id).matches()) {
            return new AskedSeason(id, List.of(), day(id));
        }
        if (!isKnown) {
            throw ProblemException.notFound("The season " + id);
        }
        return of(brief).stream()
                .filter(season -> season.id().equals(id))
                .findFirst()
                .orElseThrow(() -> ProblemException.conflict(
                        "no-climate", "The brief has no climate for %s yet. Add it under Place.".formatted(id)));
    }

    private static LocalDate day(String date) {
        try {
            return LocalDate.parse(date);
        } catch (DateTimeParseException e) {
            throw ProblemException.notFound("The day " + date);
        }
    }

    private static AskedSeason of(Season season) {
        return new AskedSeason(season.name(), season.months(), null);
    }

    private static AskedSeason year(List<Season> seasons) {
        return new AskedSeason(
                ClimateReader.ALL_YEAR,
                seasons.stream()
                        .flatMap(season -> season.months().stream())
                        .sorted()
                        .toList(),
                null);
    }
}
