package jomble.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The outfits a client needs for each occasion in each season. */
public final class Needs {
    /** After this many outfits nobody notices a repetition. */
    public static final int MOST = 10;

    private static final int WEEKS = 2;
    private static final double ONCE_A_WEEK = 1;

    private Needs() {}

    /**
     * The need for one occasion in one season.
     *
     * @param outfits number of different ones
     * @param isSet whether the stylist set it; otherwise it follows from how often the occasion comes
     */
    public record Wanted(Occasion occasion, Season season, int outfits, boolean isSet) {}

    /** Every occasion that is not paused, in each season it happens in, in the order of the brief. */
    public static List<Wanted> of(Brief brief) {
        List<Wanted> needs = new ArrayList<>();
        for (Occasion occasion : brief.occasions()) {
            for (Season season : brief.seasons()) {
                if (!occasion.isPaused() && occasion.happensIn(season)) {
                    needs.add(of(brief, occasion, season));
                }
            }
        }
        return needs;
    }

    /** The need for an occasion in a season, whether or not the brief has them. */
    public static Wanted of(Brief brief, Occasion occasion, Season season) {
        Optional<Need> set = brief.needs().stream()
                .filter(need ->
                        need.occasion().equals(occasion.name()) && need.season().equals(season.name()))
                .findFirst();
        return new Wanted(occasion, season, set.map(Need::outfits).orElseGet(() -> usual(occasion)), set.isPresent());
    }

    /**
     * Two weeks' worth of the occasion, at least 1 and at most {@value #MOST}; an occasion without a frequency counts
     * as weekly.
     */
    public static int usual(Occasion occasion) {
        double weekly = occasion.weekly().orElse(ONCE_A_WEEK);
        return weekly == 0 ? 0 : Math.min(MOST, (int) Math.max(1, Math.ceil(WEEKS * weekly)));
    }
}
