package jomble.core.counting;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * One of several equal shares of the bodies of a structure, for a thread of its own: of the options of one slot that every body of the
 * structure fills, every so-many-th.
 *
 * @param slot the slot that is shared out, or null where there is but one share
 */
record Share(Slot slot, int part, int parts) {
    static final Share WHOLE = new Share(null, 0, 1);

    /** Shares by the mandatory slot of the body that has the most options; one where none has enough. */
    static List<Share> of(Structure structure, Options options, boolean wantsShoes, int parts) {
        return structure.mandatory(wantsShoes).stream()
                .filter(slot -> Tail.BODY.contains(slot) && options.in(slot).size() >= parts)
                .max(Comparator.comparingInt(slot -> options.in(slot).size()))
                .map(slot -> IntStream.range(0, parts)
                        .mapToObj(part -> new Share(slot, part, parts))
                        .toList())
                .orElse(List.of(WHOLE));
    }

    boolean takes(Option option) {
        return option == null || option.slot() != slot || option.index() % parts == part;
    }
}
