package jomble.core.judgement;

import java.util.Arrays;

/** What one way to wear a piece, or two such ways together, contribute to the measures of an outfit in one context. */
public final class Contribution {
    static final Contribution NOTHING = new Builder().build();

    /** Ordinals of the measures that take something in, with the values they take in beside. */
    private final byte[] measures;

    private final long[] values;

    private Contribution(byte[] measures, long[] values) {
        this.measures = measures;
        this.values = values;
    }

    public boolean isNothing() {
        return measures.length == 0;
    }

    /** What is contributed to a measure, 0 for nothing. */
    public long to(Measure measure) {
        for (int i = 0; i < measures.length; i++) {
            if (measures[i] == measure.ordinal()) {
                return values[i];
            }
        }
        return 0;
    }

    void includeIn(long[] outfit) {
        for (int i = 0; i < measures.length; i++) {
            Measure.include(outfit, measures[i], values[i]);
        }
    }

    /** Collects values measure by measure. */
    static final class Builder {
        private final byte[] measures = new byte[Measure.COUNT];
        private final long[] values = new long[Measure.COUNT];
        private int size;

        Builder add(Measure measure, long value) {
            if (!measure.isNeutral(value)) {
                measures[size] = (byte) measure.ordinal();
                values[size++] = value;
            }
            return this;
        }

        Contribution build() {
            return new Contribution(Arrays.copyOf(measures, size), Arrays.copyOf(values, size));
        }
    }
}
