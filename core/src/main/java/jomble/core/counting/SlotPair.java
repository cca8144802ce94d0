package jomble.core.counting;

import jomble.core.piece.Slot;

/** Two slots whose pieces are crossed in a table. */
public record SlotPair(Slot first, Slot second) {
    public static final SlotPair TOPS_AND_BOTTOMS = new SlotPair(Slot.TOP, Slot.BOTTOM);

    /** The name in the API: {@code top×bottom}. */
    public String id() {
        return first.id() + "×" + second.id();
    }
}
