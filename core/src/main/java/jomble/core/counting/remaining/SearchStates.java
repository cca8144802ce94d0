package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Squares;
import jomble.core.judgement.Verdict;

/**
 * All that a level of the remaining slots depends on, except what pair rules penalise in its own ways, as numbers: what is seen, a number of the {@link
 * TransitionTable}; the rules penalised so far that may be penalised again; and the points of the others. Not for use by several threads.
 */
final class SearchStates {
    /** What cannot be worn whatever follows. */
    static final int HOPELESS = 0;

    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    private static final int BITS_OF_POINTS = 2;
    private static final int FIRST_CAPACITY = 64;
    private static final int[] NOTHING_KNOWN = {};

    private final PenaltySets penaltySets;
    /** By penalties and what is seen. */
    private final Squares numbers = new Squares();

    private int[] seen = new int[FIRST_CAPACITY];
    private int[] penalties = new int[FIRST_CAPACITY];
    private int[] spent = new int[FIRST_CAPACITY];
    /** By search state, and then by what is penalised besides, the search state after it. */
    private int[][] penalised = new int[FIRST_CAPACITY][];

    private int size = HOPELESS + 1;

    SearchStates(PenaltySets penaltySets) {
        this.penaltySets = penaltySets;
    }

    /** @param points spent on rules that are not in {@code penalised}; with them no more than an outfit survives */
    int number(int sees, int penalised, int points) {
        int price = penalised << BITS_OF_POINTS | points;
        int found = numbers.get(price, sees);
        if (found == Squares.UNKNOWN) {
            found = append(sees, penalised, points);
            numbers.put(price, sees, found);
        }
        return found;
    }

    private int append(int sees, int penalised, int points) {
        if (size == seen.length) {
            seen = Arrays.copyOf(seen, 2 * size);
            penalties = Arrays.copyOf(penalties, 2 * size);
            spent = Arrays.copyOf(spent, 2 * size);
            this.penalised = Arrays.copyOf(this.penalised, 2 * size);
        }
        seen[size] = sees;
        penalties[size] = penalised;
        spent[size] = points;
        this.penalised[size] = NOTHING_KNOWN;
        return size++;
    }

    int seen(int state) {
        return seen[state];
    }

    int penalties(int state) {
        return penalties[state];
    }

    int spent(int state) {
        return spent[state];
    }

    /**
     * The same with more penalised, or {@link #HOPELESS}.
     *
     * @param more a number of {@link PenaltySets}, bounded
     */
    int with(int state, int more) {
        if (more == PenaltySets.NOTHING) {
            return state;
        }
        int[] known = penalised[state];
        if (more >= known.length) {
            known = Arrays.copyOf(known, Math.max(more + 1, 2 * known.length));
            Arrays.fill(known, penalised[state].length, known.length, Rows.UNKNOWN);
            penalised[state] = known;
        }
        if (known[more] == Rows.UNKNOWN) {
            int both = penaltySets.union(penalties[state], more);
            boolean isHopeless = penaltySets.points(both) + spent[state] > MOST_POINTS;
            known[more] = isHopeless ? HOPELESS : number(seen[state], both, spent[state]);
        }
        return known[more];
    }
}
