package jomble.core.brief;

import java.util.List;

/**
 * What the client will and will not wear.
 *
 * @param otherSensitivities sensitivities no rule covers, in the client's words
 * @param healthNote what a stylist should know about the client's health, or null
 * @param maxHeelCm highest heel, or null for no limit
 * @param tucks whether the client tucks tops in
 */
public record Boundaries(
        List<Zone> coverage,
        List<Avoidance> avoid,
        List<Sensitivity> sensitivities,
        List<String> otherSensitivities,
        String healthNote,
        Double maxHeelCm,
        boolean tucks) {
    public static final Boundaries NONE = new Boundaries(List.of(), List.of(), List.of(), List.of(), null, null, true);

    public Boundaries {
        coverage = List.copyOf(coverage);
        avoid = List.copyOf(avoid);
        sensitivities = List.copyOf(sensitivities);
        otherSensitivities = List.copyOf(otherSensitivities);
    }
}
