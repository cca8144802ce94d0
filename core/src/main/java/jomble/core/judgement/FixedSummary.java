package jomble.core.judgement;

import jomble.core.outfit.Structure;

/** A summary that stays as it is. */
record FixedSummary(
        Structure structure,
        int filledSlots,
        int missingSlots,
        int collidingSlots,
        int fullCentiClo,
        int peeledCentiClo,
        int formalities,
        int coatFormality,
        boolean suitBroken,
        int suitFormality,
        long suitsToCome,
        int patterned,
        int hueFamilies,
        int metals,
        int upperVolume,
        int lowerVolume,
        boolean waistDefined,
        boolean closeTop,
        boolean roomyOuter,
        int breakPermille,
        int breakDifference,
        int suits,
        long openSuiting,
        long openBreak,
        Signs signs)
        implements Summary {
    static FixedSummary of(Gauge gauge) {
        return new FixedSummary(
                gauge.structure(),
                gauge.filledSlots(),
                gauge.missingSlots(),
                gauge.collidingSlots(),
                gauge.fullCentiClo(),
                gauge.peeledCentiClo(),
                gauge.formalities(),
                gauge.coatFormality(),
                gauge.suitBroken(),
                gauge.suitFormality(),
                gauge.suitsToCome(),
                gauge.patterned(),
                gauge.hueFamilies(),
                gauge.metals(),
                gauge.upperVolume(),
                gauge.lowerVolume(),
                gauge.waistDefined(),
                gauge.closeTop(),
                gauge.roomyOuter(),
                gauge.breakPermille(),
                gauge.breakDifference(),
                gauge.suits(),
                gauge.openSuiting(),
                gauge.openBreak(),
                FixedSigns.of(gauge));
    }
}
