package jomble.core.piece;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** A place in an outfit. Layers come first, from the skin outwards; the order is that of every list of slots. */
public enum Slot implements Word {
    BASE,
    TOP,
    BOTTOM,
    ONEPIECE,
    DRAPE,
    UNDERSKIRT,
    MID,
    JACKET,
    COAT,
    LEGWEAR,
    SHOES,
    BELT,
    BAG,
    HAT,
    NECK,
    TIE,
    JEWELLERY,
    WATCH,
    HANDS,
    EXTRA;

    /** The slots that carry an outfit's colour, pattern and season. */
    public static final Set<Slot> MAIN = EnumSet.of(TOP, BOTTOM, ONEPIECE, DRAPE, MID, JACKET);

    /** What is worn over the body, from the inside out. */
    public static final List<Slot> LAYERS = List.of(MID, JACKET, COAT);

    private static final int MAIN_MASK =
            MAIN.stream().mapToInt(slot -> 1 << slot.ordinal()).sum();

    public boolean isMain() {
        return (MAIN_MASK & 1 << ordinal()) != 0;
    }

    /** Whether the slot takes part in the outfit's formality. */
    public boolean isFormality() {
        return isMain() || this == SHOES;
    }
}
