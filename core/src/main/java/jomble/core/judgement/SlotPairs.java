package jomble.core.judgement;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.piece.Slot;

/** The fixed pairs of slots that pair rules look at. */
public final class SlotPairs {
    private static final Set<Slot> LAYERS =
            EnumSet.of(Slot.BASE, Slot.TOP, Slot.ONEPIECE, Slot.MID, Slot.JACKET, Slot.COAT);

    private SlotPairs() {}

    public static boolean isMain(Slot inner, Slot outer) {
        return inner.isMain() && outer.isMain();
    }

    public static boolean isLayer(Slot inner, Slot outer) {
        return LAYERS.contains(inner) && LAYERS.contains(outer);
    }
}
