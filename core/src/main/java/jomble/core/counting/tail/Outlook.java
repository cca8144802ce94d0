package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Rows;

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

    private final Row[][] rows;

    /** By choice, 0 for the empty slot. */
    static final class Row {
        /** What is seen after it; {@link Rows#UNKNOWN} until {@link Outlook#look} worked it out. */
        final int[] next;
        /** What it is then charged, a number of {@link Charges}; at a near level without what pair rules charge. */
        final int[] charge;
        /** The rules that pair rules may charge to a far level, now or later. */
        final long rules;

        private Row(int choices, long rules) {
            this.next = new int[choices];
            this.charge = new int[choices];
            this.rules = rules;
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
        this.rows = new Row[levels][FIRST_CAPACITY];
        Arrays.setAll(seen, level -> new Numbering());
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

    Row row(int level, int number) {
        return rows[level][number];
    }

    /** Works out where a choice leads to. */
    void look(int level, int number, int choice) {
        Row row = rows[level][number];
        int[] here = seen[level].get(number);
        int charge = prospects.charge(level, here[0], choice);
        int state = prospects.after(level, here[0], choice);
        if (level < near) {
            int far = choice == 0 ? here[1] : pairs.farWith(here[1], level, choice - 1);
            row.next[choice] = at(level + 1, state, far);
        } else {
            charge = choice == 0 ? charge : charges.union(charge, pairs.charges(level, here[1])[choice - 1]);
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
        if (level < near) {
            return number(level, new int[] {state, far});
        }
        int[] vectors = pairs.ofFar(far);
        int[] tuple = new int[vectors.length + 1];
        tuple[0] = state;
        System.arraycopy(vectors, 0, tuple, 1, vectors.length);
        return number(level, tuple);
    }

    private int number(int level, int[] tuple) {
        if (level == levels) {
            return 0;
        }
        int number = seen[level].number(tuple);
        if (number == rows[level].length) {
            rows[level] = Arrays.copyOf(rows[level], number * 2);
        }
        if (rows[level][number] == null) {
            rows[level][number] = new Row(pairs.ways(level) + 1, rules(level, tuple));
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
