package jomble.core.outfit;

import static jomble.core.piece.Slot.BASE;
import static jomble.core.piece.Slot.BOTTOM;
import static jomble.core.piece.Slot.DRAPE;
import static jomble.core.piece.Slot.ONEPIECE;
import static jomble.core.piece.Slot.SHOES;
import static jomble.core.piece.Slot.TOP;
import static jomble.core.piece.Slot.UNDERSKIRT;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.piece.Fit;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;
import jomble.core.piece.Word;

/**
 * A form an outfit can take: which slots must be filled, and which may be.
 *
 * <p>Draped garments come in two forms, over an underskirt or over a long flared skirt; both are one structure to the
 * stylist. {@code occasion} decides whether shoes are wanted at all.
 */
public enum Structure implements Word {
    SEPARATES(EnumSet.of(TOP, BOTTOM), EnumSet.of(BASE)),
    ONE_PIECE(EnumSet.of(ONEPIECE), EnumSet.of(BASE, TOP, BOTTOM)),
    DRAPED_OVER_UNDERSKIRT(EnumSet.of(DRAPE, TOP, UNDERSKIRT), EnumSet.noneOf(Slot.class)),
    DRAPED_OVER_SKIRT(EnumSet.of(DRAPE, TOP, BOTTOM), EnumSet.noneOf(Slot.class));

    /** Slots that every structure may fill. */
    private static final Set<Slot> ANYWHERE =
            EnumSet.complementOf(EnumSet.of(BASE, TOP, BOTTOM, ONEPIECE, DRAPE, UNDERSKIRT, SHOES));

    private final Set<Slot> required;
    private final int requiredMask;
    private int allowedMask;
    private final Set<Slot> optional;

    Structure(Set<Slot> required, Set<Slot> optional) {
        this.required = Collections.unmodifiableSet(required);
        this.requiredMask = mask(required);
        this.optional = Collections.unmodifiableSet(optional);
    }

    /** The slots that must be filled, in slot order. */
    public List<Slot> mandatory(boolean withShoes) {
        List<Slot> slots = new ArrayList<>(required);
        if (withShoes) {
            slots.add(SHOES);
        }
        return slots;
    }

    /** The mandatory slots as bits {@code 1 << ordinal}. */
    public int mandatoryMask(boolean withShoes) {
        return requiredMask | (withShoes ? 1 << SHOES.ordinal() : 0);
    }

    /** Whether the structure can hold this piece in this slot. */
    public boolean takes(Slot slot, Piece piece) {
        if (slot == BOTTOM && piece.is(Trait.UNDERSKIRT)) {
            return false;
        }
        if (this == DRAPED_OVER_UNDERSKIRT || this == DRAPED_OVER_SKIRT) {
            return switch (slot) {
                case TOP -> piece.fit() == Fit.CLOSE;
                case BOTTOM -> piece.is(Trait.LONG_FLARED_SKIRT);
                case DRAPE -> piece.is(Trait.DRESSING_DRAPE);
                default -> true;
            };
        }
        return true;
    }

    /** Whether this structure allows the slot at all. */
    public boolean allows(Slot slot) {
        return (allowedMask & 1 << slot.ordinal()) != 0;
    }

    static {
        for (Structure structure : values()) {
            structure.allowedMask =
                    structure.requiredMask | mask(structure.optional) | mask(ANYWHERE) | 1 << SHOES.ordinal();
        }
    }

    private static int mask(Set<Slot> slots) {
        int mask = 0;
        for (Slot slot : slots) {
            mask |= 1 << slot.ordinal();
        }
        return mask;
    }
}
