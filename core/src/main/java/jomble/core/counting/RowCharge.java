package jomble.core.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Findings laid over the rows of {@link FillingRows}: for each rule the rows it gives a minor and a major finding, and
 * the rows it stops.
 *
 * @param stop rows that are stopped, or null for none
 * @param rules places of the rules in the catalogue, ascending
 * @param minor for each of the rules the rows with a minor finding, or null for none
 * @param major the same for major findings
 */
record RowCharge(long[] stop, int[] rules, long[][] minor, long[][] major) {
    boolean isEmpty() {
        return stop == null && rules.length == 0;
    }

    /** Gathers findings over sets of rows. */
    static final class Builder {
        private final int words;
        private long[] stop;
        private final Map<Integer, long[][]> byRule = new TreeMap<>();

        Builder(int words) {
            this.words = words;
        }

        /** @param minor bits of the rules with a minor finding, {@code major} likewise or a stop */
        void add(long minor, long major, long[] rows) {
            if (major == FindingMasks.STOP) {
                stop = or(stop, rows);
                return;
            }
            for (long rest = minor; rest != 0; rest &= rest - 1) {
                long[][] planes = planes(rest);
                planes[0] = or(planes[0], rows);
            }
            for (long rest = major; rest != 0; rest &= rest - 1) {
                long[][] planes = planes(rest);
                planes[1] = or(planes[1], rows);
            }
        }

        private long[][] planes(long bits) {
            return byRule.computeIfAbsent(Long.numberOfTrailingZeros(bits), rule -> new long[2][]);
        }

        private long[] or(long[] sum, long[] rows) {
            long[] into = sum == null ? new long[words] : sum;
            for (int w = 0; w < words; w++) {
                into[w] |= rows[w];
            }
            return into;
        }

        RowCharge build() {
            List<long[][]> planes = new ArrayList<>(byRule.values());
            return new RowCharge(
                    stop,
                    byRule.keySet().stream().mapToInt(Integer::intValue).toArray(),
                    planes.stream().map(p -> p[0]).toArray(long[][]::new),
                    planes.stream().map(p -> p[1]).toArray(long[][]::new));
        }
    }
}
