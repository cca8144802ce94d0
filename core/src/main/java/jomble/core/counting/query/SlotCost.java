package jomble.core.counting.query;

import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import jomble.core.counting.compiled.Option;
import jomble.core.piece.Slot;

/** The cost of having an option in a slot of a combination. */
public interface SlotCost {
    /** The cost of a forbidden choice. */
    int NEVER = 1 << 20;

    /**
     * @param option null for an empty slot
     * @return 0..{@link #NEVER}
     */
    int of(Slot slot, Option option);

    /**
     * Costs 1 for each slot that differs from an outfit, including a filled slot that the outfit leaves empty.
     *
     * @param elsewhere slots in which the outfit wears something that cannot be worn there
     */
    static SlotCost changesFrom(Map<Slot, Option> outfit, Set<Slot> elsewhere) {
        return (slot, option) -> outfit.get(slot) == option && !elsewhere.contains(slot) ? 0 : 1;
    }

    /** Costs 1 for each filled slot of a half-built outfit that differs; its empty slots may hold anything. */
    static SlotCost departuresFrom(Map<Slot, Option> halfBuilt) {
        return (slot, option) -> !halfBuilt.containsKey(slot) || halfBuilt.get(slot) == option ? 0 : 1;
    }

    /** Free for options the formula allows and for slots it does not mention; forbids all others. */
    static SlotCost restrictedTo(Map<Slot, Predicate<Option>> formula) {
        return (slot, option) -> {
            Predicate<Option> allowed = formula.get(slot);
            return allowed == null || option != null && allowed.test(option) ? 0 : NEVER;
        };
    }

    /**
     * Limits a cost: options that are not free are allowed only in changeable slots, and only removable slots may be
     * emptied.
     */
    static SlotCost within(SlotCost cost, Set<Slot> changeable, Set<Slot> removable) {
        return (slot, option) -> {
            int one = cost.of(slot, option);
            boolean allowed = one == 0 || changeable.contains(slot) || option == null && removable.contains(slot);
            return allowed ? one : NEVER;
        };
    }
}
