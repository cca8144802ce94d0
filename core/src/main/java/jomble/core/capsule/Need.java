package jomble.core.capsule;

import java.util.List;
import jomble.core.brief.Occasion;
import jomble.core.brief.Season;
import jomble.core.climate.ClimateMonth;
import jomble.core.judgement.JudgementContext;

/**
 * How many different outfits are needed of an occasion in a season.
 *
 * @param outfits at least 0
 * @param timesPerWeek how much it counts beside the others
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
     * A month and what is judged by in it.
     *
     * @param climate null where no weather is asked for
     */
    public record Month(ClimateMonth climate, JudgementContext context) {
        /** Mean of the day in °C, NaN without weather. */
        double meanC() {
            return climate == null ? Double.NaN : (climate.lowC() + climate.highC()) / 2;
        }
    }
}
