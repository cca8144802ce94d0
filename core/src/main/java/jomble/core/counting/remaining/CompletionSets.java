package jomble.core.counting.remaining;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.PieceRows;
import jomble.core.counting.table.Numbering;
import jomble.core.counting.table.Unions;

/**
 * Interned completion sets: for a combination, the pieces in at least one of its completions and the pieces in all of
 * them. Not thread-safe.
 */
public final class CompletionSets {
    /** The combination is complete without any further piece. */
    public static final int NOBODY = 0;

    private final PieceRows rows;
    private final List<Sets> sets = new ArrayList<>();
    private final Numbering numbers = new Numbering();
    /** Numbered from 1; 0 would mean that there is no completion. */
    private final Unions unions = new Unions((one, other) -> join(sets.get(one - 1), sets.get(other - 1)) + 1);

    /**
     * Bit rows of pieces; callers must not modify them.
     *
     * @param some pieces in at least one completion
     * @param all pieces in every completion
     */
    public record Sets(long[] some, long[] all) {
        /** Whether a piece is in any completion. */
        public boolean has(int place) {
            return PieceRows.has(some, place);
        }
    }

    public CompletionSets(PieceRows rows) {
        this.rows = rows;
        number(new Sets(rows.empty(), rows.empty()));
    }

    private int number(Sets those) {
        int[] array = new int[4 * rows.words()];
        int at = 0;
        for (long[] row : List.of(those.some, those.all)) {
            for (long word : row) {
                array[at++] = (int) word;
                array[at++] = (int) (word >>> Integer.SIZE);
            }
        }
        int number = numbers.number(array);
        if (number == sets.size()) {
            sets.add(those);
        }
        return number;
    }

    public Sets of(int number) {
        return sets.get(number);
    }

    /** The union of two completion sets. */
    public int union(int one, int other) {
        return unions.of(one + 1, other + 1) - 1;
    }

    private int join(Sets one, Sets other) {
        long[] all = rows.empty();
        for (int i = 0; i < all.length; i++) {
            all[i] = one.all[i] & other.all[i];
        }
        return number(new Sets(PieceRows.union(one.some, other.some), all));
    }

    /** Every completion extended by one of several interchangeable options. */
    public int with(int number, List<Option> alike) {
        Sets those = sets.get(number);
        long[] more = rows.empty();
        alike.forEach(option -> PieceRows.addTo(more, rows.of(option)));
        return number(new Sets(
                PieceRows.union(those.some, more), alike.size() == 1 ? PieceRows.union(those.all, more) : those.all));
    }

    /** The completion set of an approved outfit. */
    public int ofApproved(Option[] outfit, CountedSlots counted) {
        int number = NOBODY;
        for (Option option : outfit) {
            if (option != null && !counted.has(option.slot())) {
                number = with(number, List.of(option));
            }
        }
        return number;
    }
}
