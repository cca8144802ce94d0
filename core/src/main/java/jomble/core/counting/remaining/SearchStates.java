package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Squares;
import jomble.core.judgement.Verdict;

/**
 * Interned search states. A search state is everything the outcome at a level depends on except the pair-rule penalties
 * of that level's own ways: a state of the {@link TransitionTable}, the rules penalised so far that may be penalised
 * again, and the points of all others. Not thread-safe.
 */
final class SearchStates {
    /** No outfit can be reached from here. */
    static final int HOPELESS = 0;

    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    private static final int BITS_OF_POINTS = 2;
    private static final int FIRST_CAPACITY = 64;
    private static final int[] NOTHING_KNOWN = {};

    private final PenaltySets penaltySets;
    /** By penalty set and transition-table state. */
    private final Squares numbers = new Squares();

    private int[] seen = new int[FIRST_CAPACITY];
    private int[] penalties = new int[FIRST_CAPACITY];
    private int[] spent = new int[FIRST_CAPACITY];
    /** By search state and added penalty set, the resulting search state. */
    private int[][] penalised = new int[FIRST_CAPACITY][];

    private int size = HOPELESS + 1;

    SearchStates(PenaltySets penaltySets) {
        this.penaltySets = penaltySets;
    }

    /** @param points of rules that are not in {@code penalised}; together they leave room for an outfit that counts */
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
     * The state after adding penalties, or {@link #HOPELESS}.
     *
     * @param more a bounded number of {@link PenaltySets}
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
