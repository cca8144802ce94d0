package jomble.core.counting.query;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.counting.compiled.Option;
import jomble.core.piece.Slot;

/**
 * How often a partner of a piece must be used at least when some looks share the partners there are: ten looks with
 * three pairs of shoes use one of the pairs four times. Whatever covers the legs is one choice: trousers, skirts and dresses share
 * the looks. Wearing nothing in a slot counts as one more possibility there, but may be chosen as often as it helps.
 */
final class PartnerUse {
    /** By option index, how many looks may have it before it is used more often than it must be; 0 if no look can. */
    private final int[] fair;
    /** By option index, what each look counts that uses it too often. */
    private final int[] weights;
    /** By counted slot, the number of contents it has in any combination, including none. */
    private final List<Contents> contents = new ArrayList<>();

    /** What a slot may hold. */
    record Contents(Slot slot, int number) {}

    PartnerUse(SolutionSet set, LookDistance distance, int looks) {
        int[] least = new CheapestPaths(set, (slot, option) -> 0).leastWith();
        this.fair = new int[least.length];
        this.weights = new int[least.length];
        Set<Slot> legs = EnumSet.of(Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE);
        legs.retainAll(set.question().counted().slots());
        for (Slot slot : distance.visible()) {
            int alone = possible(set, least, Set.of(slot)).size() + empty(set, Set.of(slot));
            contents.add(new Contents(slot, alone));
            Set<Slot> place = legs.contains(slot) ? legs : Set.of(slot);
            List<Option> here = possible(set, least, place);
            int among = here.size() + empty(set, place);
            for (Option option : here) {
                fair[option.index()] = (looks + among - 1) / among;
                weights[option.index()] = distance.isHero(option) ? 0 : LookDistance.weight(option.slot());
            }
        }
    }

    private static List<Option> possible(SolutionSet set, int[] least, Set<Slot> slots) {
        return slots.stream()
                .flatMap(slot -> set.options().in(slot).stream())
                .filter(option -> least[option.index()] == 0)
                .toList();
    }

    /** 1 when some combination has nothing in any of the slots, else 0. */
    private static int empty(SolutionSet set, Set<Slot> slots) {
        SlotCost nothing = (slot, option) -> option != null && slots.contains(slot) ? SlotCost.NEVER : 0;
        return new CheapestPaths(set, nothing).least() == 0 ? 1 : 0;
    }

    List<Contents> contents() {
        return contents;
    }

    /** By option index, how many of the looks have it. */
    int[] uses(Collection<Found> looks) {
        int[] uses = new int[fair.length];
        looks.forEach(look -> count(look.options(), uses, 1));
        return uses;
    }

    static void count(Option[] look, int[] uses, int by) {
        for (Option option : look) {
            if (option != null) {
                uses[option.index()] += by;
            }
        }
    }

    /** By how much one more look overuses partners, each by the weight of its slot. */
    int excess(Option[] look, int[] uses) {
        int excess = 0;
        for (Option option : look) {
            excess += option == null ? 0 : excess(option, uses);
        }
        return excess;
    }

    /** @return 0 for the piece that all looks have, and for what nobody sees */
    int excess(Option option, int[] uses) {
        return uses[option.index()] >= fair[option.index()] ? weights[option.index()] : 0;
    }
}
