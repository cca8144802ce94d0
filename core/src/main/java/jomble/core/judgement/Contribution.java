package jomble.core.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jomble.core.judgement.Measure.Operation;

/** What one way to wear a piece, or a pair of ways, contributes to the measures of an outfit in one context. */
public final class Contribution {
    static final Contribution NOTHING = new Builder().build();

    /** Ordinals of the measures with a contribution: first the sums, then the unions, then the others. */
    private final int[] measures;

    private final long[] values;
    private final int sums;
    private final int sumsAndUnions;

    private Contribution(List<Entry> sorted) {
        this.measures =
                sorted.stream().mapToInt(entry -> entry.measure.ordinal()).toArray();
        this.values = sorted.stream().mapToLong(Entry::value).toArray();
        this.sums = count(sorted, Operation.SUM);
        this.sumsAndUnions = sums + count(sorted, Operation.UNION);
    }

    private static int count(List<Entry> entries, Operation operation) {
        return (int) entries.stream()
                .filter(entry -> entry.measure.operation() == operation)
                .count();
    }

    private record Entry(Measure measure, long value) {}

    public boolean isNothing() {
        return measures.length == 0;
    }

    /** The contribution to a measure, 0 for none. */
    public long to(Measure measure) {
        for (int i = 0; i < measures.length; i++) {
            if (measures[i] == measure.ordinal()) {
                return values[i];
            }
        }
        return 0;
    }

    /** Hot path of counting: operations are grouped so that none is looked up for a single value. */
    void includeIn(long[] outfit) {
        int i = 0;
        for (; i < sums; i++) {
            outfit[measures[i]] += values[i];
        }
        for (; i < sumsAndUnions; i++) {
            outfit[measures[i]] |= values[i];
        }
        for (; i < measures.length; i++) {
            Measure.include(outfit, measures[i], values[i]);
        }
    }

    /** Collects values measure by measure. */
    static final class Builder {
        private final List<Entry> entries = new ArrayList<>();

        Builder add(Measure measure, long value) {
            if (!measure.isNeutral(value)) {
                entries.add(new Entry(measure, value));
            }
            return this;
        }

        Contribution build() {
            entries.sort(Comparator.comparing(entry -> entry.measure.operation()));
            return new Contribution(entries);
        }
    }
}
