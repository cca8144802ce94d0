package jomble.core.brief;

import java.time.LocalTime;
import java.util.List;
import java.util.OptionalDouble;
import jomble.core.climate.DayHours;

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
 * @param indoorC temperature indoors in °C
 * @param timesPerWeek how often, or null when not said, or said by the month
 * @param timesPerMonth how often, or null when not said, or said by the week
 * @param months months it happens in, 1..12; empty for all
 * @param timeOfDay null when not said
 * @param from when it begins, or null when not said
 * @param to when it ends, not after {@code from} for the next day; null when not said
 * @param audience who sees it, or null
 * @param isPaused whether nothing is planned for it at present
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
        double indoorC,
        Double timesPerWeek,
        Double timesPerMonth,
        List<Integer> months,
        TimeOfDay timeOfDay,
        LocalTime from,
        LocalTime to,
        String audience,
        boolean isPaused) {
    /** Activity of a seated or standing person indoors (ISO 7730 annex B). */
    public static final double USUAL_MET = 1.2;

    /** A heated or cooled room, in °C. */
    public static final double USUAL_INDOOR_C = 21;

    private static final double MONTHS_PER_WEEK = 12.0 / 52;

    /** An occasion without requirements. */
    public static final Occasion ANY = new Occasion(
            "any occasion",
            1,
            7,
            List.of(),
            Setting.USUAL,
            false,
            null,
            30,
            USUAL_MET,
            USUAL_INDOOR_C,
            null,
            null,
            List.of(),
            null,
            null,
            null,
            null,
            false);

    public Occasion {
        if (formalityLow < 1 || formalityHigh > 7 || formalityLow > formalityHigh) {
            throw new IllegalArgumentException("not a formality window: " + formalityLow + " to " + formalityHigh);
        }
        if ((from == null) != (to == null)) {
            throw new IllegalArgumentException("a time needs a beginning and an end");
        }
        requires = List.copyOf(requires);
        months = List.copyOf(months);
    }

    /** Times a week; empty when unknown. */
    public OptionalDouble weekly() {
        if (timesPerWeek != null) {
            return OptionalDouble.of(timesPerWeek);
        }
        return timesPerMonth == null ? OptionalDouble.empty() : OptionalDouble.of(timesPerMonth * MONTHS_PER_WEEK);
    }

    /** The part of a day's temperatures that is felt: over its own times, else over its part of the day. */
    public DayHours hours() {
        if (from != null) {
            return DayHours.between(from, to);
        }
        return (timeOfDay == null ? TimeOfDay.DAYTIME : timeOfDay).hours();
    }

    public boolean happensIn(Season season) {
        return months.isEmpty() || season.months().stream().anyMatch(months::contains);
    }

    public boolean requires(DressCode code) {
        return requires.stream().anyMatch(requirement -> requirement.code() == code);
    }
}
