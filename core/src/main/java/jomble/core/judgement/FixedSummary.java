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
    static FixedSummary of(MeasureAccumulator accumulator) {
        return new FixedSummary(
                accumulator.structure(),
                accumulator.filledSlots(),
                accumulator.missingSlots(),
                accumulator.collidingSlots(),
                accumulator.fullCentiClo(),
                accumulator.peeledCentiClo(),
                accumulator.formalities(),
                accumulator.coatFormality(),
                accumulator.suitBroken(),
                accumulator.suitFormality(),
                accumulator.suitsToCome(),
                accumulator.patterned(),
                accumulator.hueFamilies(),
                accumulator.metals(),
                accumulator.upperVolume(),
                accumulator.lowerVolume(),
                accumulator.waistDefined(),
                accumulator.closeTop(),
                accumulator.roomyOuter(),
                accumulator.breakPermille(),
                accumulator.breakDifference(),
                accumulator.suits(),
                accumulator.openSuiting(),
                accumulator.openBreak(),
                FixedSigns.of(accumulator));
    }
}
