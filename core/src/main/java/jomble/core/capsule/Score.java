package jomble.core.capsule;

import java.util.Comparator;

/**
 * How good a choice of pieces is, by what matters first: function, needs, every piece earning its place, the number of outfits, variety,
 * preference. Kept apart and compared one after the other, never blended into one figure.
 *
 * @param missed by how many pieces function wishes are missed
 * @param needsMet 0..1, each need by how often its occasion comes
 * @param needsMetByBases the same, where outfits on the same base count as one
 * @param earning counted pieces that earn their place
 * @param outfits that work in some context
 * @param variety 0..1
 */
record Score(
        int missed,
        double needsMet,
        double needsMetByBases,
        int earning,
        long outfits,
        double variety,
        Preference preference) {
    /** Steps in which variety is told apart, as many as a stylist is shown; finer, nothing would ever be alike. */
    private static final int VARIETY_STEPS = 100;

    /** The most varied first, of those alike the preferred. */
    static final Comparator<Score> BY_VARIETY =
            Comparator.comparingLong(Score::varietyStep).reversed().thenComparing(Score::preference, Preference.ORDER);

    /** The best first; more outfits before more variety. */
    static final Comparator<Score> BY_OUTFITS = Comparator.comparingInt(Score::missed)
            .thenComparing(Comparator.comparingDouble(Score::needsMet).reversed())
            .thenComparing(Comparator.comparingDouble(Score::needsMetByBases).reversed())
            .thenComparing(Comparator.comparingInt(Score::earning).reversed())
            .thenComparing(Comparator.comparingLong(Score::outfits).reversed())
            .thenComparing(BY_VARIETY);

    private long varietyStep() {
        return Math.round(VARIETY_STEPS * variety);
    }
}
