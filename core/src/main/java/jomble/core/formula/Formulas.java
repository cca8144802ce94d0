package jomble.core.formula;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import jomble.core.colour.ColourFamily;
import jomble.core.piece.Fit;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** Derives formulas from one outfit, or from what many have in common. */
public final class Formulas {
    /** The slots a formula mentions; finishing touches are free. */
    private static final Set<Slot> SPOKEN_OF =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET, Slot.SHOES);

    private static final Set<Slot> SHAPED = EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE);
    private static final int FEWEST_SLOTS = 2;
    /** An attribute is part of a formula if at least this share of its outfits have it. */
    private static final double NEARLY_ALL = 0.8;

    private Formulas() {}

    /**
     * The formula of an outfit: the kind of each piece, its fit where it defines the line, and its pattern or plain.
     */
    public static Formula of(Map<Slot, List<Piece>> outfit) {
        Map<Slot, SlotFormula> slots = new EnumMap<>(Slot.class);
        outfit.forEach((slot, pieces) -> {
            Piece piece = pieces.get(0);
            if (SPOKEN_OF.contains(slot)) {
                slots.put(
                        slot,
                        SlotFormula.ofKinds(Set.of(piece.kind().id()))
                                .fitting(SHAPED.contains(slot) ? Set.of(piece.fit()) : Set.of())
                                .patterned(SHAPED.contains(slot) ? Set.of(piece.pattern()) : Set.of()));
            }
        });
        if (slots.isEmpty()) {
            outfit.forEach((slot, pieces) -> slots.put(
                    slot, SlotFormula.ofKinds(Set.of(pieces.get(0).kind().id()))));
        }
        return new Formula(slots);
    }

    /**
     * A formula found in what somebody wears.
     *
     * @param times number of outfits that match it
     */
    public record Lived(Formula formula, int times) {}

    /**
     * The formulas somebody lives in: among all that name a kind for some slots, those that most outfits match,
     * weighted by the number of slots; fit, pattern and colour are added if nearly all of these outfits agree. Exact.
     *
     * @param outfits each as often as it was worn
     * @param most number of formulas at most; each is about different kinds
     */
    public static List<Lived> livedIn(Collection<Map<Slot, List<Piece>>> outfits, int most) {
        Map<Map<Slot, String>, List<Map<Slot, List<Piece>>>> keeping = new HashMap<>();
        outfits.forEach(outfit -> subsets(kinds(outfit))
                .forEach(kinds ->
                        keeping.computeIfAbsent(kinds, key -> new ArrayList<>()).add(outfit)));
        List<Map<Slot, String>> byWeight = keeping.keySet().stream()
                .filter(kinds -> keeping.get(kinds).size() > 1)
                .sorted(Comparator.comparing(
                                (Map<Slot, String> kinds) -> -keeping.get(kinds).size() * (kinds.size() - 1))
                        .thenComparing(Map::toString))
                .toList();
        List<Map<Slot, String>> taken = new ArrayList<>();
        List<Lived> lived = new ArrayList<>();
        for (Map<Slot, String> kinds : byWeight) {
            boolean isNew = taken.stream().noneMatch(other -> isPartOf(kinds, other) || isPartOf(other, kinds));
            if (isNew && lived.size() < most) {
                taken.add(kinds);
                lived.add(new Lived(
                        formula(kinds, keeping.get(kinds)), keeping.get(kinds).size()));
            }
        }
        return lived;
    }

    private static boolean isPartOf(Map<Slot, String> one, Map<Slot, String> other) {
        return other.entrySet().containsAll(one.entrySet());
    }

    private static Map<Slot, String> kinds(Map<Slot, List<Piece>> outfit) {
        Map<Slot, String> kinds = new TreeMap<>();
        outfit.forEach((slot, pieces) -> {
            if (SPOKEN_OF.contains(slot)) {
                kinds.put(slot, pieces.get(0).kind().id());
            }
        });
        return kinds;
    }

    private static List<Map<Slot, String>> subsets(Map<Slot, String> kinds) {
        List<Map<Slot, String>> subsets = new ArrayList<>(List.of(Map.of()));
        kinds.forEach((slot, kind) -> {
            for (Map<Slot, String> subset : List.copyOf(subsets)) {
                Map<Slot, String> more = new TreeMap<>(subset);
                more.put(slot, kind);
                subsets.add(more);
            }
        });
        return subsets.stream().filter(subset -> subset.size() >= FEWEST_SLOTS).toList();
    }

    private static Formula formula(Map<Slot, String> kinds, List<Map<Slot, List<Piece>>> outfits) {
        Map<Slot, SlotFormula> slots = new EnumMap<>(Slot.class);
        kinds.forEach((slot, kind) -> {
            List<Piece> pieces =
                    outfits.stream().map(outfit -> outfit.get(slot).get(0)).toList();
            Set<Fit> fits = SHAPED.contains(slot) ? common(pieces, Piece::fit) : Set.of();
            Set<Pattern> patterns = SHAPED.contains(slot) ? common(pieces, Piece::pattern) : Set.of();
            Set<ColourFamily> colours = common(pieces, Piece::colourFamily);
            slots.put(
                    slot,
                    SlotFormula.ofKinds(Set.of(kind))
                            .fitting(fits)
                            .patterned(patterns)
                            .coloured(colours));
        });
        return new Formula(slots);
    }

    /** The value nearly all share; empty when they differ. */
    private static <T> Set<T> common(List<Piece> pieces, Function<Piece, T> read) {
        Map<T, Integer> times = new HashMap<>();
        pieces.stream().map(read).filter(value -> value != null).forEach(value -> times.merge(value, 1, Integer::sum));
        return times.entrySet().stream()
                .filter(entry -> entry.getValue() >= NEARLY_ALL * pieces.size())
                .map(entry -> Set.of(entry.getKey()))
                .findFirst()
                .orElse(Set.of());
    }
}
