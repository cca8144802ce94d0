package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.Gauge;

/**
 * A rule about the whole that waits for slots of the tail. Of what it has seen only one thing matters: what it will find for each way
 * to go on. That is a number here, equal for equal prospects; it is worked out once for each key of the rule.
 */
final class OpenRule {
    private static final int STOP = 3;

    private final CompiledContext.ReadyCheck check;
    private final Dresser dresser;
    /** By level, the first level from there on whose options touch the rule; the number of levels where none does. */
    private final int[] nextTouched;

    private final KeyTable[] known;
    private final List<Map<List<Integer>, Integer>> prospects = new ArrayList<>();
    private final Gauge[] gauges;
    private final long[] key = new long[1];
    private final CompiledContext.Charge charge = new CompiledContext.Charge();

    /** Puts pieces of the tail on. */
    interface Dresser {
        /** In how many ways a level can be filled. */
        int ways(int level);

        boolean mayBeEmpty(int level);

        void wear(int level, int way, Gauge worn, Gauge after);
    }

    /** @param touched by level, whether one of its options touches the rule */
    OpenRule(CompiledContext.ReadyCheck check, boolean[] touched, Gauge like, Dresser dresser) {
        this.check = check;
        this.dresser = dresser;
        this.nextTouched = new int[touched.length + 1];
        this.known = new KeyTable[touched.length];
        this.gauges = new Gauge[touched.length];
        nextTouched[touched.length] = touched.length;
        for (int level = touched.length - 1; level >= 0; level--) {
            nextTouched[level] = touched[level] ? level : nextTouched[level + 1];
        }
        for (int level = 0; level < touched.length; level++) {
            known[level] = new KeyTable(1);
            gauges[level] = like.another();
            prospects.add(new HashMap<>());
        }
    }

    CompiledContext.ReadyCheck check() {
        return check;
    }

    /** What the rule may come to from a level on, as a number. */
    int prospect(int level, Gauge worn) {
        int next = nextTouched[level];
        if (next == known.length) {
            return found(worn);
        }
        key[0] = check.rule().key(worn);
        int number = known[next].get(key);
        return number == KeyTable.ABSENT ? explore(next, worn) : number;
    }

    private int explore(int level, Gauge worn) {
        long keyHere = key[0];
        Integer[] ways = new Integer[dresser.ways(level) + 1];
        Arrays.fill(ways, 0);
        if (dresser.mayBeEmpty(level)) {
            ways[0] = prospect(level + 1, worn);
        }
        for (int way = 0; way < dresser.ways(level); way++) {
            dresser.wear(level, way, worn, gauges[level]);
            ways[way + 1] = prospect(level + 1, gauges[level]);
        }
        Map<List<Integer>, Integer> here = prospects.get(level);
        int number = here.computeIfAbsent(Arrays.asList(ways), all -> here.size());
        key[0] = keyHere;
        known[level].put(key, number);
        return number;
    }

    private int found(Gauge worn) {
        charge.clear();
        check.judge(worn, charge);
        if (charge.major == FindingMasks.STOP) {
            return STOP;
        }
        return charge.major != 0 ? 2 : charge.minor != 0 ? 1 : 0;
    }
}
