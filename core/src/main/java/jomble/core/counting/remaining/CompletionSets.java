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
 * them. They also hold pieces of slots that otherwise stay empty; such a piece can complete the combination but does
 * not make it count. Not thread-safe.
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
     * @param counts whether some completion uses no piece of {@code besides}
     * @param some pieces in at least one such completion
     * @param all pieces in every such completion
     * @param besides pieces that complete the combination without making it count
     */
    public record Sets(boolean counts, long[] some, long[] all, long[] besides) {
        /** Whether a piece is in any completion. */
        public boolean has(int place) {
            return PieceRows.has(some, place) || PieceRows.has(besides, place);
        }
    }

    public CompletionSets(PieceRows rows) {
        this.rows = rows;
        number(new Sets(true, rows.empty(), rows.empty(), rows.empty()));
    }

    private int number(Sets those) {
        int[] array = new int[1 + 6 * rows.words()];
        int at = 0;
        array[at++] = those.counts ? 1 : 0;
        for (long[] row : List.of(those.some, those.all, those.besides)) {
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
            all[i] = (one.counts ? one.all[i] : -1L) & (other.counts ? other.all[i] : -1L);
        }
        boolean counts = one.counts || other.counts;
        return number(new Sets(
                counts,
                PieceRows.union(one.some, other.some),
                counts ? all : rows.empty(),
                PieceRows.union(one.besides, other.besides)));
    }

    /** Every completion extended by one of several interchangeable options. */
    public int with(int number, List<Option> alike) {
        Sets those = sets.get(number);
        if (!those.counts) {
            return number;
        }
        long[] more = union(alike);
        return number(new Sets(
                true,
                PieceRows.union(those.some, more),
                alike.size() == 1 ? PieceRows.union(those.all, more) : those.all,
                those.besides));
    }

    /** The completion set of an option that completes a combination without making it count. */
    public int besides(List<Option> alike) {
        return number(new Sets(false, rows.empty(), rows.empty(), union(alike)));
    }

    private long[] union(List<Option> options) {
        long[] union = rows.empty();
        options.forEach(option -> PieceRows.addTo(union, rows.of(option)));
        return union;
    }

    /** The completion set of an approved outfit. */
    public int ofApproved(Option[] outfit, CountedSlots counted) {
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
