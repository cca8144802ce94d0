package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.table.KeyTable;
import jomble.core.judgement.Summary;

/**
 * What the slots that are filled as well as can be may add to the warmth of an outfit, and the points it costs: lists of both, each
 * kept once, and for each list the best verdict at a given warmth. Not for use by several threads.
 *
 * <p>The sums of clo a body starts from differ almost from body to body, while what may be added to them does not; so the lists are
 * worked out apart from the sums.
 */
final class Fillings {
    static final int NONE = 0;
    private static final int SPAN = 1 << 10;
    private static final int WORKS_UP_TO = 1;
    private static final int DARING_UP_TO = 3;
    private static final int UNKNOWN = 0;
    private static final int STOPPED = 99;

    private final CompiledContext.ReadyCheck warmth;
    private final List<Sums> lists = new ArrayList<>();
    private final Map<Sums, Integer> known = new HashMap<>();
    private final KeyTable verdicts = new KeyTable(1);
    private final long[] key = new long[1];
    /** By both sums of what is on, the points of the finding plus one; {@link #UNKNOWN} until it was worked out. */
    private final byte[] points = new byte[SPAN * SPAN / 2];

    private final CompiledContext.Charge charge = new CompiledContext.Charge();

    /** Added sums of clo, packed, the cheapest points of each, sorted by points. */
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

    Fillings(CompiledContext.ReadyCheck warmth) {
        this.warmth = warmth;
        number(new Sums(new int[0], new byte[0]));
    }

    private int number(Sums sums) {
        return known.computeIfAbsent(sums, s -> {
            lists.add(s);
            return lists.size() - 1;
        });
    }

    /** Nothing added, at a price. */
    int nothing(int atPoints) {
        return number(new Sums(new int[] {0}, new byte[] {(byte) atPoints}));
    }

    /** Collects lists into one. */
    final class Union {
        private final Map<Integer, Integer> cheapest = new HashMap<>();

        /** Every sum of a list with more clo besides, packed. */
        void add(int list, int more) {
            Sums sums = lists.get(list);
            for (int i = 0; i < sums.added.length; i++) {
                cheapest.merge(sums.added[i] + more, (int) sums.points[i], Math::min);
            }
        }

        int number() {
            List<Map.Entry<Integer, Integer>> sorted = new ArrayList<>(cheapest.entrySet());
            sorted.sort(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()));
            int[] added = new int[sorted.size()];
            byte[] price = new byte[sorted.size()];
            for (int i = 0; i < added.length; i++) {
                added[i] = sorted.get(i).getKey();
                price[i] = sorted.get(i).getValue().byteValue();
            }
            return Fillings.this.number(new Sums(added, price));
        }
    }

    /** Both sums of clo in one number; packed sums may be added. */
    static int pack(int fullCentiClo, int peeledCentiClo) {
        return fullCentiClo << 16 | peeledCentiClo;
    }

    /** The best that can be made of a body with these packed sums by one of a list, as a terminal of the diagram. */
    int best(int list, int on) {
        if (list == NONE) {
            return Diagram.NO;
        }
        key[0] = (long) list << 32 | on;
        int found = verdicts.get(key);
        if (found == KeyTable.ABSENT) {
            found = search(lists.get(list), on);
            key[0] = (long) list << 32 | on;
            verdicts.put(key, found);
        }
        return found;
    }

    private int search(Sums sums, int on) {
        int best = STOPPED;
        for (int i = 0; i < sums.added.length && sums.points[i] < best && best > WORKS_UP_TO; i++) {
            best = Math.min(best, sums.points[i] + points(on + sums.added[i]));
        }
        return best <= WORKS_UP_TO ? Diagram.WORKS : best <= DARING_UP_TO ? Diagram.DARING : Diagram.NO;
    }

    private int points(int on) {
        int full = on >>> 16;
        int peeled = on & 0xffff;
        int at = full * (SPAN / 2) + peeled;
        if (full >= SPAN || peeled >= SPAN / 2) {
            return judge(full, peeled);
        }
        if (points[at] == UNKNOWN) {
            points[at] = (byte) (judge(full, peeled) + 1);
        }
        return points[at] - 1;
    }

    private int judge(int full, int peeled) {
        charge.clear();
        warmth.judge(Summary.ofWarmth(full, peeled), charge);
        return charge.major == Charges.EVERY_RULE ? STOPPED : Charges.points(charge.minor, charge.major);
    }
}
