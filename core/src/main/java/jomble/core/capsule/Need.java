package jomble.core.capsule;

import java.util.List;
import jomble.core.brief.Occasion;
import jomble.core.brief.Season;
import jomble.core.climate.ClimateMonth;
import jomble.core.judgement.JudgementContext;

/**
 * The number of different outfits an occasion needs in a season.
 *
 * @param outfits at least 0
 * @param timesPerWeek weight relative to other needs
 * @param months those of the season in which the occasion comes; at least one
 */
public record Need(Occasion occasion, Season season, int outfits, double timesPerWeek, List<Month> months) {
    public Need {
        months = List.copyOf(months);
        if (months.isEmpty()) {
            throw new IllegalArgumentException("no month of " + season.name() + " for " + occasion.name());
        }
    }

    /**
     * A month and the context it is judged in.
     *
     * @param climate null without weather
     */
    public record Month(ClimateMonth climate, JudgementContext context) {
        /** Mean of the day in °C, NaN without weather. */
        double meanC() {
            return climate == null ? Double.NaN : (climate.lowC() + climate.highC()) / 2;
        }
    }
}
