package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Squares;

/**
 * Everything the remaining levels can see of what is worn, except pair-rule penalties at individual levels, as one
 * state number for each level: the state of the product automaton, and the pair-rule penalties of the joint levels.
 * Transitions are table lookups. Not thread-safe.
 */
final class TransitionTable {
    private static final int FIRST_CAPACITY = 64;

    private final ProductAutomaton automaton;
    private final PairPenalties pairs;
    private final PenaltySets penaltySets;
    private final RemainingSlots remaining;
    private final int individual;
    private final int levels;
    /**
     * By level: the automaton state followed by the penalties of the joint levels, as one number or, at a joint level,
     * one number each.
     */
    private final Numbering[] seen;

    /** By individual level and the first joint one, the state number for joint penalties and automaton state. */
    private final Squares[] known;

    private final Row[][] rows;
    /** By level and state, the rules that pair rules may still add to the penalties of joint levels. */
    private final long[][] rules;

    /** By choice, 0 for the empty slot. */
    static final class Row {
        /** The next state; {@link Rows#UNKNOWN} until {@link TransitionTable#look} computes it. */
        final int[] next;
        /** The penalty set added; at an individual level without pair-rule penalties. */
        final int[] penalties;

        private Row(int choices) {
            this.next = new int[choices];
            this.penalties = new int[choices];
            Arrays.fill(next, Rows.UNKNOWN);
        }
    }

    TransitionTable(
            ProductAutomaton automaton,
            PairPenalties pairs,
            PenaltySets penaltySets,
            RemainingSlots remaining,
            int individual) {
        this.automaton = automaton;
        this.pairs = pairs;
        this.penaltySets = penaltySets;
        this.remaining = remaining;
        this.individual = individual;
        this.levels = remaining.levels().size();
        this.seen = new Numbering[levels];
        this.known = new Squares[individual + 1];
        this.rows = new Row[levels][FIRST_CAPACITY];
        this.rules = new long[levels][FIRST_CAPACITY];
        Arrays.setAll(seen, level -> new Numbering());
        Arrays.setAll(known, level -> new Squares());
    }

    /**
     * The initial state.
     *
     * @param state of the product automaton
     * @param joint the penalties of the joint levels
     */
    int start(int state, int joint) {
        return at(0, state, joint);
    }

    /** The rules that pair rules may still add to the penalties of joint levels. */
    long rules(int level, int number) {
        return rules[level][number];
    }

    Row row(int level, int number) {
        return rows[level][number];
    }

    /** Computes the transition for a choice. */
    void look(int level, int number, int choice) {
        Row row = rows[level][number];
        int before = seen[level].at(number, 0);
        int penalties = automaton.penalties(level, before, choice);
        int state = automaton.after(level, before, choice);
        if (level < individual) {
            int joint = seen[level].at(number, 1);
            row.next[choice] = at(level + 1, state, choice == 0 ? joint : pairs.jointWith(joint, level, choice - 1));
        } else {
            int[] here = seen[level].copyOf(number);
            penalties =
                    choice == 0 ? penalties : penaltySets.union(penalties, pairs.penalties(level, here[1], choice - 1));
            int[] then = Arrays.copyOfRange(here, 1, here.length);
            then[0] = state;
            for (int i = 1; i < then.length && choice > 0; i++) {
                then[i] = pairs.with(level + i, then[i], level, choice - 1);
            }
            row.next[choice] = number(level + 1, then);
        }
        row.penalties[choice] =
                choice == 0 && !remaining.levels().get(level).mayBeEmpty() ? PenaltySets.STOP : penalties;
    }

    private int at(int level, int state, int joint) {
        int found = known[level].get(joint, state);
        if (found == Squares.UNKNOWN) {
            found = number(level, level < individual ? new int[] {state, joint} : opened(state, joint));
            known[level].put(joint, state, found);
        }
        return found;
    }

    /** The vectors of the joint levels, one for each, once the search reaches them. */
    private int[] opened(int state, int joint) {
        int[] tuple = new int[levels - individual + 1];
        tuple[0] = state;
        for (int later = individual; later < levels; later++) {
            tuple[later - individual + 1] = pairs.ofJoint(joint, later);
        }
        return tuple;
    }

    private int number(int level, int[] tuple) {
        if (level == levels) {
            return 0;
        }
        int number = seen[level].number(tuple);
        if (number == rows[level].length) {
            rows[level] = Arrays.copyOf(rows[level], number * 2);
            rules[level] = Arrays.copyOf(rules[level], number * 2);
        }
        if (rows[level][number] == null) {
            rows[level][number] = new Row(pairs.ways(level) + 1);
            rules[level][number] = rules(level, tuple);
        }
        return number;
    }

    private long rules(int level, int[] tuple) {
        if (level < individual) {
            return pairs.jointRules(tuple[1]);
        }
        long rules = 0;
        for (int i = 1; i < tuple.length; i++) {
            rules |= pairs.rules(level + i - 1, tuple[i]);
        }
        return rules;
    }
}
