package jomble.core.counting.remaining;

import java.util.Arrays;
import java.util.List;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Rows;
import jomble.core.judgement.MeasureAccumulator;

/**
 * All rules that wait for remaining slots as one automaton: a state stands for what each of them may still find. Going from level to
 * level is a look at a table, filled as it is needed. Not for use by several threads.
 */
final class ProductAutomaton {
    private static final int FIRST_CAPACITY = 64;

    /** By level, the rules that wait for it or for one after it. */
    private final RuleAutomaton[][] pending;

    private final int[] ways;
    private final PenaltySets penaltySets;
    private final Numbering[] states;
    /** By level and state, what each choice leads to. */
    private final Row[][] rows;

    /** By choice, 0 for the empty slot: the state after it, and what is penalised by the rules that then have seen all they can. */
    private static final class Row {
        private final int[] next;
        private final int[] penalties;

        Row(int choices) {
            next = new int[choices];
            penalties = new int[choices];
            Arrays.fill(next, Rows.UNKNOWN);
        }
    }

    /** @param ways by level, in how many ways it can be filled */
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

    /** The rules that are penalised once a level is decided, if at all. */
    long decidedAt(int level) {
        long bits = 0;
        for (RuleAutomaton rule : pending[level]) {
            bits |= rule.last() == level ? rule.bit() : 0;
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

    /** What is then penalised by the rules that have seen all they can, a number of {@link PenaltySets}. */
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
        long minor = 0;
        long major = 0;
        for (int i = 0; i < pending[level].length; i++) {
            RuleAutomaton rule = pending[level][i];
            int next = rule.after(level, states[level].at(state, i), choice);
            if (rule.last() > level) {
                to[kept++] = next;
            } else {
                minor |= next == RuleAutomaton.MINOR ? rule.bit() : 0;
                major |= next == RuleAutomaton.STOP
                        ? PenaltySets.EVERY_RULE
                        : next == RuleAutomaton.MAJOR ? rule.bit() : 0;
            }
        }
        row.penalties[choice] = penaltySets.bounded(penaltySets.number(minor, major));
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
