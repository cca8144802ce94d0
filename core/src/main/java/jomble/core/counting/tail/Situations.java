package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Squares;
import jomble.core.judgement.Verdict;

/**
 * What a level of a tail is met with, but for what pair rules charge its own ways, as numbers: what is seen, a number of the {@link
 * Outlook}; the rules charged so far that may be charged again; and the points of the others. Not for use by several threads.
 */
final class Situations {
    /** What cannot be worn whatever follows. */
    static final int HOPELESS = 0;

    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    private static final int BITS_OF_POINTS = 2;
    private static final int FIRST_CAPACITY = 64;
    private static final int[] NOTHING_KNOWN = {};

    private final Charges charges;
    /** By price and what is seen. */
    private final Squares numbers = new Squares();

    private int[] seen = new int[FIRST_CAPACITY];
    private int[] charge = new int[FIRST_CAPACITY];
    private int[] spent = new int[FIRST_CAPACITY];
    /** By situation, and then by what is charged besides, the situation after it. */
    private int[][] charged = new int[FIRST_CAPACITY][];

    private int size = HOPELESS + 1;

    Situations(Charges charges) {
        this.charges = charges;
    }

    /** @param points spent on rules that are not in {@code charged}; with them no more than an outfit survives */
    int number(int sees, int charged, int points) {
        int price = charged << BITS_OF_POINTS | points;
        int found = numbers.get(price, sees);
        if (found == Squares.UNKNOWN) {
            found = append(sees, charged, points);
            numbers.put(price, sees, found);
        }
        return found;
    }

    private int append(int sees, int charged, int points) {
        if (size == seen.length) {
            seen = Arrays.copyOf(seen, 2 * size);
            charge = Arrays.copyOf(charge, 2 * size);
            spent = Arrays.copyOf(spent, 2 * size);
            this.charged = Arrays.copyOf(this.charged, 2 * size);
        }
        seen[size] = sees;
        charge[size] = charged;
        spent[size] = points;
        this.charged[size] = NOTHING_KNOWN;
        return size++;
    }

    int seen(int situation) {
        return seen[situation];
    }

    int charge(int situation) {
        return charge[situation];
    }

    int spent(int situation) {
        return spent[situation];
    }

    /**
     * The same with more charged, or {@link #HOPELESS}.
     *
     * @param more a number of {@link Charges}, bounded
     */
    int with(int situation, int more) {
        if (more == Charges.NOTHING) {
            return situation;
        }
        int[] known = charged[situation];
        if (more >= known.length) {
            known = Arrays.copyOf(known, Math.max(more + 1, 2 * known.length));
            Arrays.fill(known, charged[situation].length, known.length, Rows.UNKNOWN);
            charged[situation] = known;
        }
        if (known[more] == Rows.UNKNOWN) {
            int both = charges.union(charge[situation], more);
            boolean isHopeless = charges.points(both) + spent[situation] > MOST_POINTS;
            known[more] = isHopeless ? HOPELESS : number(seen[situation], both, spent[situation]);
        }
        return known[more];
    }
}
