package jomble.core.brief;

import java.util.List;

/**
 * Something the client dresses for.
 *
 * @param formalityLow 1..7, at most {@code formalityHigh}
 * @param requires what the dress code asks for
 * @param setting the surroundings, which ask for sturdy or for festive pieces
 * @param work whether the schools for clothes at work apply
 * @param maxHeelCm highest heel, or null for no limit
 * @param outdoorMinutes minutes spent outdoors
 * @param met activity indoors in met
 * @param timesPerWeek how often, or null when not said
 * @param months months it happens in, 1..12; empty for all
 * @param audience who sees it, or null
 */
public record Occasion(
        String name,
        int formalityLow,
        int formalityHigh,
        List<Requirement> requires,
        Setting setting,
        boolean work,
        Double maxHeelCm,
        int outdoorMinutes,
        double met,
        Double timesPerWeek,
        List<Integer> months,
        String audience) {
    /** Activity of a seated or standing person indoors (ISO 7730 annex B). */
    public static final double USUAL_MET = 1.2;

    /** An occasion that asks for nothing. */
    public static final Occasion ANY = new Occasion(
            "any occasion", 1, 7, List.of(), Setting.USUAL, false, null, 30, USUAL_MET, null, List.of(), null);

    public Occasion {
        if (formalityLow < 1 || formalityHigh > 7 || formalityLow > formalityHigh) {
            throw new IllegalArgumentException("not a formality window: " + formalityLow + " to " + formalityHigh);
        }
        requires = List.copyOf(requires);
        months = List.copyOf(months);
    }

    public boolean requires(DressCode code) {
        return requires.stream().anyMatch(requirement -> requirement.code() == code);
    }
}
