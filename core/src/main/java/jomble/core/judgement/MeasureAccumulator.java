package jomble.core.judgement;

import jomble.core.outfit.Structure;

/** A mutable {@link Summary}: combines the measures of an outfit piece by piece, in any order. Not thread-safe. */
public final class MeasureAccumulator extends Summary {
    MeasureAccumulator(boolean wantsShoes) {
        super(Structure.SEPARATES, wantsShoes);
    }

    /** Another accumulator with the same settings. */
    public MeasureAccumulator another() {
        return new MeasureAccumulator(wantsShoes);
    }

    /** Starts again with nothing worn. */
    public void clear(Structure formed) {
        structure = formed;
        Measure.clear(measures);
    }

    public void set(MeasureAccumulator other) {
        structure = other.structure;
        System.arraycopy(other.measures, 0, measures, 0, measures.length);
    }

    /** Adds the contribution of one more piece or pair. */
    public void add(Contribution contribution) {
        contribution.includeIn(measures);
    }

    void add(Measure measure, long value) {
        Measure.include(measures, measure.ordinal(), value);
    }
}
