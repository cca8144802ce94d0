package jomble.core.counting;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import jomble.core.piece.Slot;

/**
 * The slots whose pieces distinguish combinations. Every other slot is filled in the best way or stays empty, so that
 * counting fewer slots gives a projection of the same outfits: bases ≤ clothes ≤ outfits ≤ looks. Only a slot of the
 * body that is not counted stays empty: tops and bottoms alone are counted without dresses.
 *
 * @param slots at least one
 */
public record CountedSlots(Set<Slot> slots) {
    /** Slots decided first; so many rules concern pairs of their pieces that hardly two of their fillings are alike. */
    public static final Set<Slot> BODY =
            Collections.unmodifiableSet(EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE));
    /** Slots that nobody sees: they never make two outfits of one. */
    public static final Set<Slot> UNSEEN = Collections.unmodifiableSet(EnumSet.of(Slot.BASE, Slot.UNDERSKIRT));

    private static final Set<Slot> CLOTHING = with(with(BODY, Slot.MID), Slot.JACKET);
    private static final Set<Slot> ACCESSORIES = EnumSet.range(Slot.BELT, Slot.EXTRA);

    /** The slots of a base, without layers: top and bottom, one-piece, draped garment. */
    public static final CountedSlots BASES = new CountedSlots(BODY);

    public static final CountedSlots CLOTHES = new CountedSlots(CLOTHING);
    public static final CountedSlots OUTFITS = new CountedSlots(with(CLOTHING, Slot.SHOES));
    public static final CountedSlots LOOKS = new CountedSlots(EnumSet.complementOf(EnumSet.copyOf(UNSEEN)));

    /** Every slot, even those nobody sees: for outfits put together piece by piece, never for a figure. */
    public static final CountedSlots EVERY_SLOT = new CountedSlots(EnumSet.allOf(Slot.class));

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

    /** Whether an uncounted slot may be filled to complete a combination. */
    public boolean fills(Slot slot) {
        return !has(slot) && !BODY.contains(slot);
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
