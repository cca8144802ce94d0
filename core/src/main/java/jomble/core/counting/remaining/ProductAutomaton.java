package jomble.core.counting.remaining;

import java.util.Arrays;
import java.util.List;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Rows;
import jomble.core.judgement.MeasureAccumulator;

/**
 * The automata of all rules that depend on remaining slots, run as one. A state records what each rule can still find.
 * Moving to the next level is a table lookup; the table is filled lazily. Not thread-safe.
 */
final class ProductAutomaton {
    private static final int FIRST_CAPACITY = 64;

    /** By level, the rules that depend on it or on a later level. */
    private final RuleAutomaton[][] pending;

    private final int[] ways;
    private final PenaltySets penaltySets;
    private final Numbering[] states;
    /** By level and state, the row of transitions. */
    private final Row[][] rows;

    /** By choice, 0 for the empty slot: the next state, and the penalties of the rules that are decided by then. */
    private static final class Row {
        private final int[] next;
        private final int[] penalties;

        Row(int choices) {
            next = new int[choices];
            penalties = new int[choices];
            Arrays.fill(next, Rows.UNKNOWN);
        }
    }

    /** @param ways by level, the number of ways to fill it */
    ProductAutomaton(List<RuleAutomaton> rules, int[] ways, PenaltySets penaltySets) {
        this.ways = ways;
        this.penaltySets = penaltySets;
        this.pending = new RuleAutomaton[ways.length + 1][];
        this.states = new Numbering[ways.length + 1];
        this.rows = new Row[ways.length + 1][];
        for (int level = 0; level <= ways.length; level++) {
            int here = level;
            pending[level] = rules.stream().filter(rule -> rule.last() >= here).toArray(RuleAutomaton[]::new);
            states[level] = new Numbering();
            rows[level] = new Row[FIRST_CAPACITY];
        }
    }

    /** The rules of the first word whose penalty, if any, is known once a level is decided. */
    long decidedAt(int level) {
        long bits = 0;
        for (RuleAutomaton rule : pending[level]) {
            bits |= rule.last() == level && !rule.bits().isBeyond()
                    ? rule.bits().fault()
                    : 0;
        }
        return bits;
    }

    int start(MeasureAccumulator body) {
        int[] tuple = new int[pending[0].length];
        for (int i = 0; i < tuple.length; i++) {
            tuple[i] = pending[0][i].start(body);
        }
        return number(0, tuple);
    }

    /**
     * The state after a choice.
     *
     * @param choice 0 for the empty slot, from 1 on the ways to fill it
     */
    int after(int level, int state, int choice) {
        return known(level, state, choice).next[choice];
    }

    /** The penalty set of the rules decided by a choice, a number of {@link PenaltySets}. */
    int penalties(int level, int state, int choice) {
        return known(level, state, choice).penalties[choice];
    }

    private Row known(int level, int state, int choice) {
        Row row = rows[level][state];
        if (row.next[choice] == Rows.UNKNOWN) {
            step(level, state, choice, row);
        }
        return row;
    }

    private void step(int level, int state, int choice, Row row) {
        int[] to = new int[pending[level + 1].length];
        int kept = 0;
        Penalties found = Penalties.NONE;
        for (int i = 0; i < pending[level].length; i++) {
            RuleAutomaton rule = pending[level][i];
            int next = rule.after(level, states[level].at(state, i), choice);
            if (rule.last() > level) {
                to[kept++] = next;
            } else {
                found = RuleAutomaton.plus(found, next, rule.bits());
            }
        }
        row.penalties[choice] = penaltySets.bounded(penaltySets.number(found));
        row.next[choice] = number(level + 1, to);
    }

    private int number(int level, int[] tuple) {
        int number = states[level].number(tuple);
        if (number == rows[level].length) {
            rows[level] = Arrays.copyOf(rows[level], number * 2);
        }
        if (rows[level][number] == null) {
            rows[level][number] = new Row(level < ways.length ? ways[level] + 1 : 0);
        }
        return number;
    }
}
