package jomble.core.formula;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import jomble.core.piece.Slot;

/**
 * A pattern that outfits can match. Slots it does not mention may hold anything or nothing.
 *
 * @param slots at least one; each must be filled as described
 */
public record Formula(Map<Slot, SlotFormula> slots) {
    public Formula {
        slots = Collections.unmodifiableMap(new EnumMap<>(slots));
        if (slots.isEmpty()) {
            throw new IllegalArgumentException("a formula speaks of at least one slot");
        }
    }
}
