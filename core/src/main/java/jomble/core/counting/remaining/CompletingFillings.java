package jomble.core.counting.remaining;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jomble.core.counting.table.KeyTable;

/** Fillings when every completion must be kept. Not thread-safe. */
final class CompletingFillings implements Fillings {
    private final WarmthScale scale;
    private final CompletionJoiner joiner;
    private final List<Sums> lists = new ArrayList<>();
    private final Map<Sums, Integer> known = new HashMap<>();
    private final KeyTable found = new KeyTable(1);
    private final long[] key = new long[1];

    /**
     * The packed clo sums that can be added, sorted, each with its points and its completions; the last entry holds the
     * union of all completions.
     */
    private record Sums(int[] added, byte[] points, int[] completions, int together) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Sums s
                    && Arrays.equals(added, s.added)
                    && Arrays.equals(points, s.points)
                    && Arrays.equals(completions, s.completions);
        }

        @Override
        public int hashCode() {
            return (Arrays.hashCode(added) * 31 + Arrays.hashCode(points)) * 31 + Arrays.hashCode(completions);
        }
    }

    private record Price(int added, byte points) implements Comparable<Price> {
        @Override
        public int compareTo(Price other) {
            return added != other.added ? Integer.compare(added, other.added) : Byte.compare(points, other.points);
        }
    }

    CompletingFillings(WarmthScale scale, CompletionJoiner joiner) {
        this.scale = scale;
        this.joiner = joiner;
        number(Map.of());
    }

    private int number(Map<Price, Integer> priced) {
        int[] added = new int[priced.size()];
        byte[] points = new byte[priced.size()];
        int[] completions = new int[priced.size()];
        int together = Joiner.NO;
        int at = 0;
        for (Map.Entry<Price, Integer> entry : priced.entrySet()) {
            added[at] = entry.getKey().added();
            points[at] = entry.getKey().points();
            completions[at++] = entry.getValue();
            together = joiner.union(together, entry.getValue());
        }
        return known.computeIfAbsent(new Sums(added, points, completions, together), sums -> {
            lists.add(sums);
            return lists.size() - 1;
        });
    }

    @Override
    public int nothing(int points) {
        return joiner.counts(points) ? number(Map.of(new Price(0, (byte) points), CompletionSets.NOBODY + 1)) : NONE;
    }

    @Override
    public int union(int level, int[] of) {
        Map<Price, Integer> priced = new TreeMap<>();
        for (int w = 0; w < of.length; w++) {
            int way = w;
            Sums sums = lists.get(of[way]);
            for (int i = 0; i < sums.added.length; i++) {
                int then = sums.completions[i];
                priced.compute(
                        new Price(sums.added[i] + scale.added(level)[way], sums.points[i]),
                        (price, others) -> joiner.add(others == null ? Joiner.NO : others, level, way, then));
            }
        }
        return number(priced);
    }

    @Override
    public int given(int level, int[] of, int sums) {
        int all = Joiner.NO;
        for (int way = 0; way < of.length; way++) {
            all = joiner.add(all, level, way, completions(of[way], sums + scale.added(level)[way]));
        }
        return joiner.ending(all);
    }

    private int completions(int list, int on) {
        if (list == NONE) {
            return Joiner.NO;
        }
        key[0] = (long) list << Integer.SIZE | on;
        int completions = found.get(key);
        if (completions == KeyTable.ABSENT) {
            completions = search(lists.get(list), on);
            found.put(key, completions);
        }
        return completions;
    }

    private int search(Sums sums, int on) {
        int all = Joiner.NO;
        for (int i = 0; i < sums.added.length && all != sums.together; i++) {
            if (joiner.counts(sums.points[i] + scale.points(on + sums.added[i]))) {
                all = joiner.union(all, sums.completions[i]);
            }
        }
        return all;
    }
}
