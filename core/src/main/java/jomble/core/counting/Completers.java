package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Unions;

/**
 * Who completes a combination, as numbers: the pieces of some completion, and those of every completion. Not for use by several
 * threads.
 */
final class Completers {
    /** There is a completion, and nothing is put on for it. */
    static final int NOBODY = 0;

    private static final long EVERYBODY = -1L;

    private final PieceRows rows;
    private final List<Sets> sets = new ArrayList<>();
    private final Numbering numbers = new Numbering();
    /** Counted from 1 on: 0 would be no completion at all. */
    private final Unions unions = new Unions((one, other) -> join(sets.get(one - 1), sets.get(other - 1)) + 1);

    /** Rows of pieces, not to be written on: of those in some completion, and of those in all. */
    record Sets(long[] some, long[] all) {
        Sets(int words) {
            this(new long[words], new long[words]);
        }
    }

    Completers(PieceRows rows) {
        this.rows = rows;
        number(new Sets(rows.words()));
    }

    private int number(Sets those) {
        int words = those.some.length;
        int[] ints = new int[4 * words];
        for (int i = 0; i < words; i++) {
            ints[4 * i] = (int) those.some[i];
            ints[4 * i + 1] = (int) (those.some[i] >>> Integer.SIZE);
            ints[4 * i + 2] = (int) those.all[i];
            ints[4 * i + 3] = (int) (those.all[i] >>> Integer.SIZE);
        }
        int number = numbers.number(ints);
        if (number == sets.size()) {
            sets.add(those);
        }
        return number;
    }

    Sets of(int number) {
        return sets.get(number);
    }

    /** The completions of both. */
    int union(int one, int other) {
        return unions.of(one + 1, other + 1) - 1;
    }

    private int join(Sets one, Sets other) {
        Sets both = new Sets(rows.words());
        for (int i = 0; i < rows.words(); i++) {
            both.some[i] = one.some[i] | other.some[i];
            both.all[i] = one.all[i] & other.all[i];
        }
        return number(both);
    }

    /** Every completion with one of some options besides. */
    int with(int number, List<Option> alike) {
        Sets those = sets.get(number);
        Sets more = new Sets(those.some.clone(), those.all.clone());
        alike.forEach(option -> PieceRows.addTo(more.some, rows.of(option)));
        if (alike.size() == 1) {
            PieceRows.addTo(more.all, rows.of(alike.get(0)));
        }
        return number(more);
    }

    /** Options that complete a combination which does not count by them: no piece is in fewer completions for them. */
    int besides(List<Option> alike) {
        Sets those = new Sets(rows.words());
        Arrays.fill(those.all, EVERYBODY);
        alike.forEach(option -> PieceRows.addTo(those.some, rows.of(option)));
        return number(those);
    }

    /** The completion of an approved outfit. */
    int ofApproved(Option[] outfit, CountedSlots counted) {
        int number = NOBODY;
        for (Option option : outfit) {
            if (option != null && !counted.has(option.slot())) {
                if (!CountedSlots.FILLED.contains(option.slot())) {
                    return besides(List.of(option));
                }
                number = with(number, List.of(option));
            }
        }
        return number;
    }
}
