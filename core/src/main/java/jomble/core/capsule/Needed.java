package jomble.core.capsule;

import java.util.Comparator;
import java.util.List;

/** Needs reduced to the months the search uses. The final figures cover all months. */
final class Needed {
    private static final Comparator<Need.Month> BY_WARMTH = Comparator.comparingDouble(Need.Month::meanC);

    private Needed() {}

    /** Needs with few enough months to fit a table: the coldest and the warmest of each season, or only the coldest. */
    static List<Need> withinBounds(List<Need> needs) {
        if (contexts(needs) <= EnsembleTable.MOST_CONTEXTS) {
            return needs;
        }
        List<Need> extremes = needs.stream().map(need -> with(need, true)).toList();
        if (contexts(extremes) <= EnsembleTable.MOST_CONTEXTS) {
            return extremes;
        }
        return needs.stream()
                .map(need -> with(need, false))
                .sorted(Comparator.comparingDouble(Need::timesPerWeek).reversed())
                .limit(EnsembleTable.MOST_CONTEXTS)
                .toList();
    }

    private static int contexts(List<Need> needs) {
        return needs.stream().mapToInt(need -> need.months().size()).sum();
    }

    private static Need with(Need need, boolean warmest) {
        Need.Month coldest = need.months().stream().min(BY_WARMTH).orElseThrow();
        Need.Month hottest = need.months().stream().max(BY_WARMTH).orElseThrow();
        List<Need.Month> months = warmest && coldest != hottest ? List.of(coldest, hottest) : List.of(coldest);
        return new Need(need.occasion(), need.season(), need.outfits(), need.timesPerWeek(), months);
    }
}
