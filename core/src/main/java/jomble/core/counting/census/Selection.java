package jomble.core.counting.census;

import java.util.Arrays;
import java.util.Set;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.tail.Tail;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Which combinations are looked at.
 *
 * @param forced options that must be worn, by ordinal of the slot; null where free
 * @param out by index of the option, whether it is not worn; null where all may be
 */
record Selection(Option[] forced, boolean[] out) {
    static Selection wearing(Option[] forced) {
        return new Selection(forced, null);
    }

    /** Those with an option and without any of some pieces. */
    static Selection with(Option option, Set<PieceId> without, Options options) {
        Option[] forced = new Option[Slot.values().length];
        forced[option.slot().ordinal()] = option;
        boolean[] out = new boolean[options.all().size()];
        for (Option other : options.all()) {
            for (PieceId id : without) {
                out[other.index()] |= other.contains(id);
            }
        }
        return new Selection(forced, out);
    }

    /** Whether every combination is looked at. */
    boolean isAll() {
        return out == null && Arrays.stream(forced).allMatch(option -> option == null);
    }

    /** @param option null where the slot is empty */
    boolean takes(Slot slot, Option option) {
        Option must = forced[slot.ordinal()];
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

    /** By level of a tail and choice, the empty slot first, what is taken. */
    boolean[][] open(Tail tail) {
        boolean[][] open = new boolean[tail.counted()][];
        for (int level = 0; level < open.length; level++) {
            Tail.Level here = tail.levels().get(level);
            open[level] = new boolean[here.options().size() + 1];
            for (int choice = 0; choice < open[level].length; choice++) {
                open[level][choice] =
                        takes(here.slot(), choice == 0 ? null : here.options().get(choice - 1));
            }
        }
        return open;
    }

    /** Whether what must be worn over a body has a place in a tail. */
    boolean hasPlacesIn(Tail tail) {
        return Arrays.stream(forced)
                .filter(option -> option != null && !Tail.BODY.contains(option.slot()))
                .mapToInt(option -> tail.levelOf(option.slot()))
                .allMatch(level -> level >= 0 && level < tail.counted());
    }
}
