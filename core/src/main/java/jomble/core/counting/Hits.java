package jomble.core.counting;

import java.util.Arrays;
import jomble.core.counting.table.Figures;

/** How often each node of a diagram was met. */
final class Hits {
    private long[] counts = new long[64];

    void add(int node, long times) {
        if (node >= counts.length) {
            counts = Arrays.copyOf(counts, Math.max(node + 1, counts.length * 2));
        }
        counts[node] += times;
    }

    Figures paths(int size) {
        Figures paths = new Figures(size);
        for (int node = 0; node < Math.min(size, counts.length); node++) {
            paths.add(node, counts[node]);
        }
        return paths;
    }
}
