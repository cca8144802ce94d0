package jomble.core.counting;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import jomble.core.piece.Slot;

/**
 * The slots whose pieces distinguish combinations. Other slots are filled in the best way or stay empty.
 *
 * @param slots at least one
 */
public record CountedSlots(Set<Slot> slots) {
    private static final Set<Slot> BASE_CLOTHING =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.UNDERSKIRT);
    private static final Set<Slot> CLOTHING = with(with(BASE_CLOTHING, Slot.MID), Slot.JACKET);
    /** Uncounted slots that may be filled to complete a combination; all other uncounted slots stay empty. */
    public static final Set<Slot> FILLED = Collections.unmodifiableSet(EnumSet.of(
            Slot.BASE, Slot.UNDERSKIRT, Slot.LEGWEAR, Slot.SHOES, Slot.COAT, Slot.NECK, Slot.TIE, Slot.HAT, Slot.BELT));

    private static final Set<Slot> ACCESSORIES = EnumSet.range(Slot.BELT, Slot.EXTRA);

    /** The slots of a base, without layers: top and bottom, one-piece, draped garment. */
    public static final CountedSlots BASES = new CountedSlots(BASE_CLOTHING);

    public static final CountedSlots CLOTHES = new CountedSlots(CLOTHING);
    public static final CountedSlots OUTFITS = new CountedSlots(with(CLOTHING, Slot.SHOES));
    public static final CountedSlots LOOKS = new CountedSlots(EnumSet.allOf(Slot.class));

    public CountedSlots {
        slots = Collections.unmodifiableSet(EnumSet.copyOf(slots));
    }

    /** Whether any accessory slot is counted. */
    public boolean hasAccessories() {
        return slots.stream().anyMatch(ACCESSORIES::contains);
    }

    public boolean has(Slot slot) {
        return slots.contains(slot);
    }

    /** These slots and one more. */
    public CountedSlots and(Slot slot) {
        return new CountedSlots(with(slots, slot));
    }

    private static Set<Slot> with(Set<Slot> slots, Slot one) {
        EnumSet<Slot> all = EnumSet.copyOf(slots);
        all.add(one);
        return all;
    }
}
