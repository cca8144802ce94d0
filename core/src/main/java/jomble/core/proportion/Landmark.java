package jomble.core.proportion;

import java.util.Locale;

/**
 * A place on the standing figure with its mean height from the floor as a fraction of stature.
 *
 * <p>Source: published anthropometric means (ISO 7250-1 landmarks), rounded to half a hundredth. Where a place lies
 * between two published ones (upper thigh, above knee, low rise) it is interpolated.
 */
public enum Landmark {
    SHOULDER(820),
    NATURAL_WAIST(630),
    MID_RISE(590),
    HIGH_HIP(570),
    LOW_RISE(560),
    HIP(530),
    LOW_HIP(500),
    UPPER_THIGH(450),
    MID_THIGH(400),
    ABOVE_KNEE(330),
    KNEE(285),
    MID_CALF(190),
    ANKLE(60),
    FLOOR(20);

    private final int permille;

    Landmark(int permille) {
        this.permille = permille;
    }

    /** Mean height in thousandths of stature, so that comparisons with limits are exact. */
    public int meanPermille() {
        return permille;
    }

    /** The document's name for a measured height, such as {@code naturalWaistCm}. */
    public String fieldName() {
        StringBuilder field = new StringBuilder();
        for (String word : name().toLowerCase(Locale.ROOT).split("_")) {
            field.append(field.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1));
        }
        return field.append("Cm").toString();
    }
}
