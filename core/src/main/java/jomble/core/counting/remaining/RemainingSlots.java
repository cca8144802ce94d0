package jomble.core.counting.remaining;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * The slots filled after the body is dressed, in one structure: first the counted ones, then those that only complete a
 * combination.
 *
 * @param levels in the order in which they are decided
 * @param counted how many of them are counted
 */
public record RemainingSlots(List<Level> levels, int counted) {
    /** Layers come first, because rules about pairs concern them most; then the coat, which covers every layer. */
    private static final Set<Slot> FILLING_ORDER = new LinkedHashSet<>(Slot.LAYERS);

    /** Layers that rules compare with every piece beneath, so that hardly two of them have the same effect. */
    private static final Set<Slot> MEETING_ALL = EnumSet.of(Slot.MID, Slot.JACKET);

    static {
        FILLING_ORDER.addAll(List.of(Slot.values()));
    }

    /**
     * One slot, or several slots of which at most one is filled.
     *
     * @param slot null for several
     * @param alike by option, those indistinguishable to every rule, including itself
     */
    public record Level(Slot slot, List<Option> options, boolean mayBeEmpty, List<List<Option>> alike) {
        Level(Slot slot, List<Option> options, boolean mayBeEmpty) {
            this(slot, options, mayBeEmpty, options.stream().map(List::of).toList());
        }

        /** Among options with the same effect, the first represents all. */
        static Level ofEffects(Slot slot, List<Option> options, boolean mayBeEmpty, Function<Option, Object> effect) {
            Map<Object, List<Option>> alike = new LinkedHashMap<>();
            options.forEach(option -> alike.computeIfAbsent(effect.apply(option), e -> new ArrayList<>())
                    .add(option));
            return new Level(
                    slot,
                    alike.values().stream().map(those -> those.get(0)).toList(),
                    mayBeEmpty,
                    List.copyOf(alike.values()));
        }
    }

    public RemainingSlots {
        levels = List.copyOf(levels);
    }

    /** The level that decides a slot, or −1. */
    public int levelOf(Slot slot) {
        for (int i = 0; i < levels.size(); i++) {
            if (levels.get(i).slot() == slot) {
                return i;
            }
        }
        return -1;
    }

    /**
     * @param constraints options that must be worn, by the slot's ordinal; null for no constraint
     * @param completing whether all completions are needed rather than only the best verdict
     * @param helps whether wearing an uncounted option can improve a verdict
     * @param effect everything rules can see of an option
     */
    public static RemainingSlots of(
            Structure structure,
            Options options,
            CountQuestion question,
            Option[] constraints,
            boolean completing,
            Predicate<Option> helps,
            Function<Option, Object> effect) {
        List<Slot> wanted = structure.mandatory(question.contexts().get(0).wantsShoes());
        List<Level> levels = new ArrayList<>();
        for (Slot slot : Slot.values()) {
            if (isOpen(slot, structure) && question.counted().has(slot)) {
                Option must = constraints[slot.ordinal()];
                levels.add(new Level(
                        slot, must == null ? options.in(slot) : List.of(must), must == null && !wanted.contains(slot)));
            }
        }
        int counted = levels.size();
        // A piece that fits other slots has no equivalent: it may already be worn there.
        Function<Option, Object> kind = option ->
                options.hasOtherPlaces(option) || MEETING_ALL.contains(option.slot()) ? option : effect.apply(option);
        List<Option> others = new ArrayList<>();
        for (Slot slot : FILLING_ORDER) {
            if (!question.counted().fills(slot) || !structure.allows(slot)) {
                continue;
            }
            Option must = constraints[slot.ordinal()];
            List<Option> helping = options.in(slot).stream().filter(helps).toList();
            if (must != null) {
                levels.add(new Level(slot, List.of(must), false));
            } else if (wanted.contains(slot)) {
                levels.add(
                        completing
                                ? Level.ofEffects(slot, options.in(slot), false, kind)
                                : new Level(slot, options.in(slot), false));
            } else if (!completing) {
                levels.add(Level.ofEffects(slot, helping, true, kind));
            } else if (!helping.isEmpty()) {
                levels.add(Level.ofEffects(slot, options.in(slot), true, kind));
            } else {
                others.addAll(options.in(slot));
            }
        }
        if (!others.isEmpty()) {
            // None of them can improve a verdict, so each completes what it can complete by itself.
            levels.add(Level.ofEffects(null, others, true, kind));
        }
        return new RemainingSlots(levels, counted);
    }

    private static boolean isOpen(Slot slot, Structure structure) {
        return !CountedSlots.BODY.contains(slot) && structure.allows(slot);
    }
}
