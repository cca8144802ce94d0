package jomble.core.counting;

import java.util.ArrayList;
import java.util.List;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The approved outfits of one structure, each judged as it stands: few enough to be looked up, and free of what the masks say of
 * their pieces.
 */
final class Approvals {
    private static final int SLOTS = Slot.values().length;

    private final CountedSlots counted;
    private final List<Placed> placed = new ArrayList<>();

    /**
     * An approved outfit with its pieces in slots, working in a context.
     *
     * @param bySlot options by ordinal of the slot, null where empty
     * @param context place of the context among the question's
     */
    record Placed(Option[] bySlot, Completion completion, int context) {}

    Approvals(Structure structure, Options options, CountedSlots counted, List<Judge> judges) {
        this.counted = counted;
        for (int c = 0; c < judges.size(); c++) {
            for (Ruling ruling : judges.get(c).context().overrides().approvedOutfits()) {
                place(ruling.pieces(), 0, new Option[SLOTS], structure, options, judges.get(c), c);
            }
        }
    }

    private void place(
            List<PieceId> pieces,
            int next,
            Option[] into,
            Structure structure,
            Options options,
            Judge judge,
            int context) {
        if (next == pieces.size()) {
            settle(into, judge, context);
            return;
        }
        for (Option option : options.all()) {
            int ordinal = option.slot().ordinal();
            boolean usable = counted.has(option.slot()) || CountedSlots.FILLED.contains(option.slot());
            boolean fits = into[ordinal] == null
                    && usable
                    && option.pieces().size() == 1
                    && option.contains(pieces.get(next))
                    && structure.allows(option.slot())
                    && structure.takes(option.slot(), option.pieces().get(0));
            if (fits) {
                into[ordinal] = option;
                place(pieces, next + 1, into, structure, options, judge, context);
                into[ordinal] = null;
            }
        }
    }

    private void settle(Option[] into, Judge judge, int context) {
        List<Worn> worn = new ArrayList<>();
        for (Option option : into) {
            if (option != null) {
                worn.add(option.ways().get(0));
            }
        }
        Judgement judgement = judge.best(Outfit.of(worn));
        if (judgement.verdict() == Verdict.WORKS) {
            Completion completion = new Completion(
                    judgement.verdict(),
                    judgement.points(),
                    judgement.credits(),
                    judgement.outfit().bySlotOrdinal());
            placed.add(new Placed(into.clone(), completion, context));
        }
    }

    boolean isEmpty() {
        return placed.isEmpty();
    }

    /** Whether what is chosen so far is part of an approved outfit. */
    boolean hold(Option[] chosen) {
        return placed.stream().anyMatch(one -> contains(one, chosen));
    }

    /** The approved outfit whose counted pieces are exactly these, wearing one more option unless that is null; or null. */
    Placed of(Option[] combination, Option extra) {
        for (Placed one : placed) {
            boolean wears = extra == null || one.bySlot[extra.slot().ordinal()] == extra;
            if (wears && contains(one, combination) && hasNoMore(one, combination)) {
                return one;
            }
        }
        return null;
    }

    private static boolean contains(Placed one, Option[] chosen) {
        for (int s = 0; s < SLOTS; s++) {
            if (chosen[s] != null && one.bySlot[s] != chosen[s]) {
                return false;
            }
        }
        return true;
    }

    private boolean hasNoMore(Placed one, Option[] combination) {
        for (Slot slot : Slot.values()) {
            if (counted.has(slot) && one.bySlot[slot.ordinal()] != null && combination[slot.ordinal()] == null) {
                return false;
            }
        }
        return true;
    }
}
