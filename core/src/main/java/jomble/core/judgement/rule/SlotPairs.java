package jomble.core.judgement.rule;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.piece.Slot;

/** The fixed pairs of slots that pair rules look at. */
final class SlotPairs {
    private static final Set<Slot> LAYERS =
            EnumSet.of(Slot.BASE, Slot.TOP, Slot.ONEPIECE, Slot.MID, Slot.JACKET, Slot.COAT);

    private SlotPairs() {}

    static boolean isMain(Slot inner, Slot outer) {
        return inner.isMain() && outer.isMain();
    }

    static boolean isLayer(Slot inner, Slot outer) {
        return LAYERS.contains(inner) && LAYERS.contains(outer);
    }
}
