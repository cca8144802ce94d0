package jomble.core.counting.query;

import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import jomble.core.counting.compiled.Option;
import jomble.core.piece.Slot;

/** What it costs a combination to have something in a slot. */
public interface SlotCost {
    /** The cost of what cannot be had. */
    int NEVER = 1 << 20;

    /**
     * @param option null where the slot is empty
     * @return 0..{@link #NEVER}
     */
    int of(Slot slot, Option option);

    /**
     * 1 for each slot that differs from an outfit; a slot the outfit leaves empty differs once it is filled.
     *
     * @param elsewhere slots in which the outfit has something nothing can have there
     */
    static SlotCost changesFrom(Map<Slot, Option> outfit, Set<Slot> elsewhere) {
        return (slot, option) -> outfit.get(slot) == option && !elsewhere.contains(slot) ? 0 : 1;
    }

    /** 1 for each filled slot of a half-built outfit that differs; its empty slots may hold anything. */
    static SlotCost departuresFrom(Map<Slot, Option> halfBuilt) {
        return (slot, option) -> !halfBuilt.containsKey(slot) || halfBuilt.get(slot) == option ? 0 : 1;
    }

    /** Nothing for what a formula allows in a slot it speaks of, and for other slots; what it does not allow cannot be had. */
    static SlotCost restrictedTo(Map<Slot, Predicate<Option>> formula) {
        return (slot, option) -> {
            Predicate<Option> allowed = formula.get(slot);
            return allowed == null || option != null && allowed.test(option) ? 0 : NEVER;
        };
    }

    /** The same cost, where only some slots may hold something they did not cost nothing for, and others may be emptied. */
    static SlotCost within(SlotCost cost, Set<Slot> changeable, Set<Slot> removable) {
        return (slot, option) -> {
            int one = cost.of(slot, option);
            boolean allowed = one == 0 || changeable.contains(slot) || option == null && removable.contains(slot);
            return allowed ? one : NEVER;
        };
    }
}
