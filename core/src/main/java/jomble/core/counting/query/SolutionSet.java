package jomble.core.counting.query;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.outfit.Structure;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Every combination of a question that counts, as a graph whose paths are exactly these combinations. Immutable. */
public record SolutionSet(CountQuestion question, Options options, List<Part> parts) {
    /** The terminal of paths that lead to no combination. */
    public static final int NO = 0;
    /** The terminal of daring combinations. */
    public static final int DARING = 1;
    /** The terminal of combinations that work. */
    public static final int WORKS = 2;

    /**
     * The combinations of one structure that start with certain bodies; no combination is in two parts.
     *
     * @param bodies options by the slot's ordinal; without layers these are whole combinations
     * @param roots by body, the node of what can be added to it
     */
    public record Part(Structure structure, Option[][] bodies, int[] roots, List<Layer> layers, SolutionGraph graph) {}

    /** A slot decided after the body, with its options; it may also stay empty. */
    public record Layer(Slot slot, List<Option> options) {}

    public SolutionSet {
        parts = List.copyOf(parts);
    }

    /** Whether combinations that end in a terminal count. */
    boolean counts(int terminal) {
        return terminal == WORKS || terminal == DARING && question.includeDaring();
    }

    /**
     * The options that hold an outfit's pieces, by slot.
     *
     * @return without pieces that the wardrobe does not have in that slot
     */
    public Map<Slot, Option> optionsOf(Map<Slot, ? extends Collection<PieceId>> outfit) {
        Map<Slot, Option> worn = new EnumMap<>(Slot.class);
        outfit.forEach((slot, ids) -> options.in(slot).stream()
                .filter(option ->
                        option.ids().size() == ids.size() && option.ids().containsAll(ids))
                .findFirst()
                .ifPresent(option -> worn.put(slot, option)));
        return worn;
    }
}
