package jomble.core.capsule;

import java.util.Comparator;

/**
 * The score of a choice, by criteria in order of importance: function, needs, pieces that earn their place, outfits,
 * variety, preference. They are compared one after the other and never blended into one figure.
 *
 * @param missed number of pieces by which function wishes are missed
 * @param needsMet 0..1, each need weighted by how often its occasion comes
 * @param needsMetByBases the same, with outfits on the same base counted once
 * @param earning number of counted pieces that earn their place
 * @param outfits that work in at least one context
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
    /**
     * Resolution at which variety is compared, the same as shown to the stylist; at a finer one no two choices would
     * tie.
     */
    private static final int VARIETY_STEPS = 100;

    /** Most varied first, then by preference. */
    static final Comparator<Score> BY_VARIETY =
            Comparator.comparingLong(Score::varietyStep).reversed().thenComparing(Score::preference, Preference.ORDER);

    /** Best first, with more outfits ranked before more variety. */
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
