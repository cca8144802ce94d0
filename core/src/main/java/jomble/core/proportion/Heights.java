package jomble.core.proportion;

import java.util.EnumMap;
import java.util.Map;

/**
 * The heights of one figure: measured where known, published means elsewhere.
 *
 * @param statureCm 50..250, or null when not measured
 * @param measuredCm height from the floor in cm, by landmark; used only when stature is known
 */
public record Heights(Double statureCm, Map<Landmark, Double> measuredCm) {
    /** The published means. */
    public static final Heights MEAN = new Heights(null, Map.of());

    public Heights {
        Map<Landmark, Double> copy = new EnumMap<>(Landmark.class);
        copy.putAll(measuredCm);
        measuredCm = copy;
    }

    /** Height of a landmark in thousandths of stature. */
    public int permille(Landmark landmark) {
        Double cm = statureCm == null ? null : measuredCm.get(landmark);
        return cm == null ? landmark.meanPermille() : (int) Math.round(cm / statureCm * 1000);
    }
}
