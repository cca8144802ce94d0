package jomble.core.judgement;

import jomble.core.outfit.Structure;

/**
 * A {@link Summary} that can be written on: adds up the measures of an outfit piece by piece, in any order. Not for use by several
 * threads.
 */
public final class MeasureAccumulator extends Summary {
    MeasureAccumulator(boolean wantsShoes) {
        super(Structure.SEPARATES, wantsShoes);
    }

    /** One that will be set like this one. */
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

    /** Takes in one more piece, or what two of those worn make together. */
    public void add(Contribution contribution) {
        contribution.includeIn(measures);
    }

    void add(Measure measure, long value) {
        Measure.include(measures, measure.ordinal(), value);
    }
}
