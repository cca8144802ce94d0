package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * The slots that are put on over a dressed body, in one structure: the counted ones first, then those that are filled as well as can be.
 *
 * @param levels in the order in which they are decided
 * @param counted how many of them are counted
 */
record Tail(List<Level> levels, int counted) {
    /** The slots that dress the body: their pieces meet each other in so many rules that hardly two bodies are alike. */
    static final Set<Slot> BODY = EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE);

    /** The slots whose pieces meet each other; what is forced on them without being counted is worn from the start. */
    static final Set<Slot> CLOTHES =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET);

    /** The coat first: it goes over every layer, and once it is decided the rest sees little of what is worn. */
    private static final List<Slot> FILLING_ORDER = Stream.concat(
                    Stream.of(Slot.COAT), Arrays.stream(Slot.values()).filter(slot -> slot != Slot.COAT))
            .toList();

    /**
     * One slot.
     *
     */
    record Level(Slot slot, List<Option> options, boolean mayBeEmpty) {}

    Tail {
        levels = List.copyOf(levels);
    }

    /** The level that asks for a slot, or −1. */
    int levelOf(Slot slot) {
        for (int i = 0; i < levels.size(); i++) {
            if (levels.get(i).slot() == slot) {
                return i;
            }
        }
        return -1;
    }

    /**
     * @param forced options that must be worn, by ordinal of the slot; null where free
     * @param helps whether wearing an option that is not counted can make a verdict better
     * @param effect what rules can see of an option; of options alike that are not counted, the first stands for all
     */
    static Tail of(
            Structure structure,
            Options options,
            CountQuestion question,
            Option[] forced,
            Predicate<Option> helps,
            Function<Option, Object> effect) {
        boolean shoes = question.contexts().get(0).wantsShoes();
        List<Slot> wanted = structure.mandatory(shoes);
        List<Slot> slots = new ArrayList<>();
        for (Slot slot : Slot.values()) {
            if (!BODY.contains(slot)
                    && structure.allows(slot)
                    && question.counted().has(slot)) {
                slots.add(slot);
            }
        }
        int counted = slots.size();
        for (Slot slot : FILLING_ORDER) {
            boolean filled =
                    CountedSlots.FILLED.contains(slot) || forced[slot.ordinal()] != null && !CLOTHES.contains(slot);
            if (!BODY.contains(slot)
                    && structure.allows(slot)
                    && !question.counted().has(slot)
                    && filled) {
                slots.add(slot);
            }
        }
        List<Level> levels = new ArrayList<>();
        for (Slot slot : slots) {
            Option must = forced[slot.ordinal()];
            boolean optional = must == null && !wanted.contains(slot);
            boolean free = optional && levels.size() >= counted;
            List<Option> choices =
                    must != null ? List.of(must) : free ? helpful(options, slot, helps, effect) : options.in(slot);
            levels.add(new Level(slot, choices, optional));
        }
        return new Tail(levels, counted);
    }

    /** A piece with other places is like no other: it may be taken when it is wanted. */
    private static List<Option> helpful(
            Options options, Slot slot, Predicate<Option> helps, Function<Option, Object> effect) {
        Set<Object> seen = new HashSet<>();
        return options.in(slot).stream()
                .filter(helps)
                .filter(option -> options.hasOtherPlaces(option) || seen.add(effect.apply(option)))
                .toList();
    }
}
