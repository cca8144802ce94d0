package jomble.core.counting.remaining;

import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.ReadyCheck;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Numbering;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.RuleBits;

/**
 * A whole-outfit rule that depends on remaining slots, as an automaton. A state records what the rule would find for
 * each way to fill those slots; filling one leads to the next state.
 *
 * <p>States are computed by adding pieces to a {@link MeasureAccumulator}, once for each {@link
 * jomble.core.judgement.WholeRule.Check#key key} of the rule.
 */
final class RuleAutomaton {
    static final int SILENT = 0;
    static final int MINOR = 1;
    static final int MAJOR = 2;
    static final int STOP = 3;

    private final ReadyCheck check;
    private final Dresser dresser;
    /**
     * By level, the first level from there on with options that affect the rule; the number of levels if there is none.
     */
    private final int[] nextTouched;

    private final int last;
    private final KeyTable[] known;
    /** By level, its states; each holds the next state for the empty slot and then for each way to fill it. */
    private final Numbering[] states;

    private final MeasureAccumulator[] accumulators;
    private final long[] key = new long[1];

    /** Adds pieces in the remaining slots. */
    interface Dresser {
        /** Number of ways to fill a level. */
        int ways(int level);

        boolean mayBeEmpty(int level);

        void wear(int level, int way, MeasureAccumulator worn, MeasureAccumulator after);
    }

    /** @param touched by level, whether any of its options affects the rule; at least one level does */
    RuleAutomaton(ReadyCheck check, boolean[] touched, MeasureAccumulator like, Dresser dresser) {
        this.check = check;
        this.dresser = dresser;
        this.nextTouched = new int[touched.length + 1];
        this.known = new KeyTable[touched.length];
        this.accumulators = new MeasureAccumulator[touched.length];
        this.states = new Numbering[touched.length];
        nextTouched[touched.length] = touched.length;
        int lastTouched = 0;
        for (int level = touched.length - 1; level >= 0; level--) {
            nextTouched[level] = touched[level] ? level : nextTouched[level + 1];
            lastTouched = touched[level] ? Math.max(level, lastTouched) : lastTouched;
            known[level] = new KeyTable(1);
            accumulators[level] = like.another();
            states[level] = new Numbering();
        }
        this.last = lastTouched;
    }

    RuleBits bits() {
        return check.bits();
    }

    /** Penalties with what a rule finds in the end. */
    static Penalties plus(Penalties penalties, int found, RuleBits bits) {
        return switch (found) {
            case STOP -> penalties.plus(FindingKind.STOP, bits);
            case MAJOR -> penalties.plus(FindingKind.MAJOR, bits);
            case MINOR -> penalties.plus(FindingKind.MINOR, bits);
            default -> penalties;
        };
    }

    /** The last level that affects the rule; after it, the state is what the rule finds. */
    int last() {
        return last;
    }

    /** The initial state, before the first level. */
    int start(MeasureAccumulator body) {
        return prospect(0, body);
    }

    /**
     * The next state.
     *
     * @param choice 0 for the empty slot; ways to fill it start at 1
     */
    int after(int level, int state, int choice) {
        return nextTouched[level] == level ? states[level].at(state, choice) : state;
    }

    private int prospect(int level, MeasureAccumulator worn) {
        int next = nextTouched[level];
        if (next == known.length) {
            return found(worn);
        }
        key[0] = check.check().key(check.rule(), worn);
        int number = known[next].get(key);
        return number == KeyTable.ABSENT ? explore(next, worn) : number;
    }

    private int explore(int level, MeasureAccumulator worn) {
        long keyHere = key[0];
        int[] ways = new int[dresser.ways(level) + 1];
        if (dresser.mayBeEmpty(level)) {
            ways[0] = prospect(level + 1, worn);
        }
        for (int way = 0; way < dresser.ways(level); way++) {
            dresser.wear(level, way, worn, accumulators[level]);
            ways[way + 1] = prospect(level + 1, accumulators[level]);
        }
        int number = states[level].number(ways);
        key[0] = keyHere;
        known[level].put(key, number);
        return number;
    }

    private int found(MeasureAccumulator worn) {
        Penalties found = check.judge(worn);
        if (found.isStopped()) {
            return STOP;
        }
        return found.hasMajor() ? MAJOR : found.isFaultless() ? SILENT : MINOR;
    }
}
