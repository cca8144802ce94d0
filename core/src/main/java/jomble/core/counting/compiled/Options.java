package jomble.core.counting.compiled;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.JudgementContext;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.SetKind;
import jomble.core.piece.Slot;

/** Every option a wardrobe offers for every slot, ordered by id. */
public final class Options {
    private final Map<Slot, List<Option>> bySlot = new EnumMap<>(Slot.class);
    private final List<Option> all = new ArrayList<>();
    private final List<Worn> ways = new ArrayList<>();

    public Options(List<Piece> pieces, JudgementContext context) {
        List<Piece> sorted =
                pieces.stream().sorted(Comparator.comparing(Piece::id)).toList();
        for (Slot slot : Slot.values()) {
            bySlot.put(slot, new ArrayList<>());
            for (Piece piece : sorted) {
                if (piece.roles().contains(slot)) {
                    add(Worn.of(slot, piece));
                }
            }
            if (slot == Slot.JEWELLERY) {
                jewellerySets(sorted, context).forEach(set -> add(Worn.of(slot, set)));
            }
        }
    }

    private void add(Worn plain) {
        List<Worn> itsWays = Ways.of(plain);
        Option option = new Option(all.size(), plain.slot(), plain.pieces(), itsWays, ways.size());
        all.add(option);
        ways.addAll(itsWays);
        bySlot.get(plain.slot()).add(option);
    }

    /** Each complete jewellery set of two or more pieces is an additional option. */
    private static List<List<Piece>> jewellerySets(List<Piece> pieces, JudgementContext context) {
        Map<String, List<Piece>> sets = new LinkedHashMap<>();
        for (Piece piece : pieces) {
            boolean member = piece.setId() != null
                    && context.setKinds().get(piece.setId()) == SetKind.JEWELLERY
                    && piece.roles().contains(Slot.JEWELLERY);
            if (member) {
                sets.computeIfAbsent(piece.setId(), id -> new ArrayList<>()).add(piece);
            }
        }
        return sets.values().stream().filter(set -> set.size() > 1).toList();
    }

    /** Slots without any option, in the structure that lacks the fewest; the simplest structure wins a tie. */
    public List<Slot> missing(boolean wantsShoes) {
        return Arrays.stream(Structure.values())
                .map(structure -> structure.mandatory(wantsShoes).stream()
                        .filter(slot -> in(slot).stream()
                                .noneMatch(option ->
                                        structure.takes(slot, option.pieces().get(0))))
                        .toList())
                .min(Comparator.comparingInt(List::size))
                .orElseThrow();
    }

    /**
     * Whether a piece of the option also fits another slot, so that it may already be in use when the option is needed.
     */
    public boolean hasOtherPlaces(Option option) {
        return all.stream().anyMatch(other -> other != option && other.overlaps(option));
    }

    public List<Option> in(Slot slot) {
        return bySlot.get(slot);
    }

    public List<Option> all() {
        return all;
    }

    public List<Worn> ways() {
        return ways;
    }
}
