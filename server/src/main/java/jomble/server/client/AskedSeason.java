package jomble.server.client;

import java.util.ArrayList;
import java.util.List;
import jomble.core.brief.Brief;
import jomble.core.brief.Season;
import jomble.core.document.ClimateReader;
import jomble.server.problem.ProblemException;

/**
 * A part of the year that is asked about on screen.
 *
 * @param id name of the client's season, {@link ClimateReader#ALL_YEAR} for all of them, empty for no weather
 * @param asked months it is asked in: the middle one of the season, of the year that of each season
 * @param months all its months
 */
public record AskedSeason(String id, List<Integer> asked, List<Integer> months) {
    private static final AskedSeason NONE = new AskedSeason("", List.of(), List.of());

    /** No weather, the seasons whose climate is known, and the year when that is of all. */
    public static List<AskedSeason> of(Brief brief) {
        List<AskedSeason> all = new ArrayList<>(List.of(NONE));
        brief.seasons().stream().filter(brief::knows).map(AskedSeason::of).forEach(all::add);
        if (brief.seasons().stream().allMatch(brief::knows)) {
            all.add(year(brief.seasons()));
        }
        return all;
    }

    /**
     * The season of that name.
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
        if (!isKnown) {
            throw ProblemException.notFound("The season " + id);
        }
        return of(brief).stream()
                .filter(season -> season.id().equals(id))
                .findFirst()
                .orElseThrow(() -> ProblemException.conflict(
                        "no-climate", "The brief has no climate for %s yet. Add it under Place.".formatted(id)));
    }

    private static AskedSeason of(Season season) {
        return new AskedSeason(season.name(), List.of(season.middle()), season.months());
    }

    private static AskedSeason year(List<Season> seasons) {
        return new AskedSeason(
                ClimateReader.ALL_YEAR,
                seasons.stream().map(Season::middle).sorted().toList(),
                seasons.stream()
                        .flatMap(season -> season.months().stream())
                        .sorted()
                        .toList());
    }
}
