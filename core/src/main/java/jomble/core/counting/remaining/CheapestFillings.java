package jomble.core.counting.remaining;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.table.KeyTable;
import jomble.core.judgement.Verdict;

/** Fillings when only the verdict matters: keeps the fewest points for each sum of clo. Not thread-safe. */
final class CheapestFillings implements Fillings {
    private final WarmthScale scale;
    private final List<Sums> lists = new ArrayList<>();
    private final Map<Sums, Integer> known = new HashMap<>();
    private final KeyTable verdicts = new KeyTable(1);
    private final long[] key = new long[1];

    /** The packed clo sums that can be added, sorted by points, with the fewest points for each. */
    private record Sums(int[] added, byte[] points) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Sums s && Arrays.equals(added, s.added) && Arrays.equals(points, s.points);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(added) * 31 + Arrays.hashCode(points);
        }
    }

    CheapestFillings(WarmthScale scale) {
        this.scale = scale;
        number(new Sums(new int[0], new byte[0]));
    }

    private int number(Sums sums) {
        return known.computeIfAbsent(sums, s -> {
            lists.add(s);
            return lists.size() - 1;
        });
    }

    @Override
    public int nothing(int points) {
        return number(new Sums(new int[] {0}, new byte[] {(byte) points}));
    }

    @Override
    public int union(int level, int[] of) {
        Map<Integer, Integer> fewest = new HashMap<>();
        for (int way = 0; way < of.length; way++) {
            Sums sums = lists.get(of[way]);
            for (int i = 0; i < sums.added.length; i++) {
                fewest.merge(sums.added[i] + scale.added(level)[way], (int) sums.points[i], Math::min);
            }
        }
        List<Map.Entry<Integer, Integer>> sorted = new ArrayList<>(fewest.entrySet());
        sorted.sort(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()));
        int[] added = new int[sorted.size()];
        byte[] points = new byte[sorted.size()];
        for (int i = 0; i < added.length; i++) {
            added[i] = sorted.get(i).getKey();
            points[i] = sorted.get(i).getValue().byteValue();
        }
        return number(new Sums(added, points));
    }

    @Override
    public int given(int level, int[] of, int sums) {
        int best = Diagram.NO;
        for (int way = 0; way < of.length && best != Diagram.WORKS; way++) {
            best = Math.max(best, best(of[way], sums + scale.added(level)[way]));
        }
        return best;
    }

    private int best(int list, int on) {
        if (list == NONE) {
            return Diagram.NO;
        }
        key[0] = (long) list << Integer.SIZE | on;
        int found = verdicts.get(key);
        if (found == KeyTable.ABSENT) {
            found = search(lists.get(list), on);
            verdicts.put(key, found);
        }
        return found;
    }

    private int search(Sums sums, int on) {
        int works = Verdict.WORKS.mostPoints();
        int best = WarmthScale.STOPPED;
        for (int i = 0; i < sums.added.length && sums.points[i] < best && best > works; i++) {
            best = Math.min(best, sums.points[i] + scale.points(on + sums.added[i]));
        }
        return best <= works ? Diagram.WORKS : best <= Verdict.DARING.mostPoints() ? Diagram.DARING : Diagram.NO;
    }
}
