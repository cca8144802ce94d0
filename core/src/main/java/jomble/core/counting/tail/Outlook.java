package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Squares;

/**
 * What the levels of a tail can see of what is worn, but for what pair rules charge the near ones, as one number a level: the prospects
 * of the rules about the whole, and what the far levels are charged. Going on is a look at a row. Not for use by several threads.
 */
final class Outlook {
    private static final int FIRST_CAPACITY = 64;

    private final Prospects prospects;
    private final PairCharges pairs;
    private final Charges charges;
    private final Tail tail;
    private final int near;
    private final int levels;
    /** By level: the state of the prospects, and after it what the far levels are charged in one number or, at a far one, one by one. */
    private final Numbering[] seen;

    /** By near level and the first far one, what is seen: by what the far levels are charged, and by state. */
    private final Squares[] known;

    private final Row[][] rows;
    /** By level and what is seen, the rules that pair rules may charge to a far level, now or later. */
    private final long[][] rules;

    /** By choice, 0 for the empty slot. */
    static final class Row {
        /** What is seen after it; {@link Rows#UNKNOWN} until {@link Outlook#look} worked it out. */
        final int[] next;
        /** What it is then charged, a number of {@link Charges}; at a near level without what pair rules charge. */
        final int[] charge;

        private Row(int choices) {
            this.next = new int[choices];
            this.charge = new int[choices];
            Arrays.fill(next, Rows.UNKNOWN);
        }
    }

    Outlook(Prospects prospects, PairCharges pairs, Charges charges, Tail tail, int near) {
        this.prospects = prospects;
        this.pairs = pairs;
        this.charges = charges;
        this.tail = tail;
        this.near = near;
        this.levels = tail.levels().size();
        this.seen = new Numbering[levels];
        this.known = new Squares[near + 1];
        this.rows = new Row[levels][FIRST_CAPACITY];
        this.rules = new long[levels][FIRST_CAPACITY];
        Arrays.setAll(seen, level -> new Numbering());
        Arrays.setAll(known, level -> new Squares());
    }

    /**
     * What the first level sees.
     *
     * @param state of the prospects
     * @param far what the far levels are charged
     */
    int start(int state, int far) {
        return at(0, state, far);
    }

    /** The rules that pair rules may charge to a far level, now or later. */
    long rules(int level, int number) {
        return rules[level][number];
    }

    Row row(int level, int number) {
        return rows[level][number];
    }

    /** Works out where a choice leads to. */
    void look(int level, int number, int choice) {
        Row row = rows[level][number];
        int before = seen[level].at(number, 0);
        int charge = prospects.charge(level, before, choice);
        int state = prospects.after(level, before, choice);
        if (level < near) {
            int far = seen[level].at(number, 1);
            row.next[choice] = at(level + 1, state, choice == 0 ? far : pairs.farWith(far, level, choice - 1));
        } else {
            int[] here = seen[level].copyOf(number);
            charge = choice == 0 ? charge : charges.union(charge, pairs.charge(level, here[1], choice - 1));
            int[] then = Arrays.copyOfRange(here, 1, here.length);
            then[0] = state;
            for (int i = 1; i < then.length && choice > 0; i++) {
                then[i] = pairs.with(level + i, then[i], level, choice - 1);
            }
            row.next[choice] = number(level + 1, then);
        }
        row.charge[choice] = choice == 0 && !tail.levels().get(level).mayBeEmpty() ? Charges.STOP : charge;
    }

    private int at(int level, int state, int far) {
        int found = known[level].get(far, state);
        if (found == Squares.UNKNOWN) {
            found = number(level, level < near ? new int[] {state, far} : opened(state, far));
            known[level].put(far, state, found);
        }
        return found;
    }

    /** The vectors of the far levels one by one, once it is their turn. */
    private int[] opened(int state, int far) {
        int[] tuple = new int[levels - near + 1];
        tuple[0] = state;
        for (int later = near; later < levels; later++) {
            tuple[later - near + 1] = pairs.ofFar(far, later);
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
        if (level < near) {
            return pairs.farRules(tuple[1]);
        }
        long rules = 0;
        for (int i = 1; i < tuple.length; i++) {
            rules |= pairs.rules(level + i - 1, tuple[i]);
        }
        return rules;
    }
}
