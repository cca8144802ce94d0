package jomble.core.formula;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import jomble.core.piece.Slot;

/**
 * An outfit as a pattern other outfits follow. Slots it does not speak of may hold anything or nothing.
 *
 * @param slots at least one; each must be filled, with what is asked for
 */
public record Formula(Map<Slot, SlotFormula> slots) {
    public Formula {
        slots = Collections.unmodifiableMap(new EnumMap<>(slots));
        if (slots.isEmpty()) {
            throw new IllegalArgumentException("a formula speaks of at least one slot");
        }
    }
}
