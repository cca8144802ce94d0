package jomble.core.counting.enumeration;

import java.util.Arrays;
import java.util.Set;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Which combinations are looked at.
 *
 * @param constraints options that must be worn, by ordinal of the slot; null where free
 * @param out by index of the option, whether it is not worn; null where all may be
 */
public record Selection(Option[] constraints, boolean[] out) {
    static Selection wearing(Option[] constraints) {
        return new Selection(constraints, null);
    }

    /** Those with an option and without any of some pieces. */
    public static Selection with(Option option, Set<PieceId> without, Options options) {
        Option[] constraints = new Option[Slot.values().length];
        constraints[option.slot().ordinal()] = option;
        boolean[] out = new boolean[options.all().size()];
        for (Option other : options.all()) {
            for (PieceId id : without) {
                out[other.index()] |= other.contains(id);
            }
        }
        return new Selection(constraints, out);
    }

    /** Whether every combination is looked at. */
    boolean isAll() {
        return out == null && Arrays.stream(constraints).allMatch(option -> option == null);
    }

    /** @param option null where the slot is empty */
    boolean takes(Slot slot, Option option) {
        Option must = constraints[slot.ordinal()];
        return (must == null || must == option) && (option == null || out == null || !out[option.index()]);
    }

    /** Whether what a combination has in some slots is taken. */
    boolean takes(Option[] combination, Slot[] slots) {
        for (Slot slot : slots) {
            if (!takes(slot, combination[slot.ordinal()])) {
                return false;
            }
        }
        return true;
    }

    /** By level of the remaining slots and choice, the empty slot first, what is taken. */
    boolean[][] open(RemainingSlots remaining) {
        boolean[][] open = new boolean[remaining.counted()][];
        for (int level = 0; level < open.length; level++) {
            RemainingSlots.Level here = remaining.levels().get(level);
            open[level] = new boolean[here.options().size() + 1];
            for (int choice = 0; choice < open[level].length; choice++) {
                open[level][choice] =
                        takes(here.slot(), choice == 0 ? null : here.options().get(choice - 1));
            }
        }
        return open;
    }

    /** Whether what must be worn over a body has a place in the remaining slots. */
    boolean hasPlacesIn(RemainingSlots remaining) {
        return Arrays.stream(constraints)
                .filter(option -> option != null && !CountedSlots.BODY.contains(option.slot()))
                .mapToInt(option -> remaining.levelOf(option.slot()))
                .allMatch(level -> level >= 0 && level < remaining.counted());
    }
}
