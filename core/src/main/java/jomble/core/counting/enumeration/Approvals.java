package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.completion.Completion;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Reading;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The approved outfits of one structure. There are few, so each is judged on its own, and the masks of its pieces do
 * not apply.
 */
public final class Approvals {
    private static final int SLOTS = Slot.values().length;

    private final CountedSlots counted;
    private final boolean whole;
    private final List<Placed> placed = new ArrayList<>();

    /**
     * An approved outfit assigned to slots, which works in a context.
     *
     * @param bySlot options by the slot's ordinal, null where empty
     * @param context index of the context in the question
     */
    public record Placed(Option[] bySlot, Completion completion, int context) {}

    /** @param whole whether outfits are kept with their uncounted pieces */
    Approvals(Structure structure, Options options, CountedSlots counted, boolean whole, List<Judge> judges) {
        this.counted = counted;
        this.whole = whole;
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
            boolean whole = structure.mandatory(judge.context().wantsShoes()).stream()
                    .allMatch(slot -> into[slot.ordinal()] != null);
            if (whole) {
                settle(into, judge, context);
            }
            return;
        }
        for (Option option : options.all()) {
            int ordinal = option.slot().ordinal();
            boolean fits = into[ordinal] == null
                    && (counted.has(option.slot()) || counted.fills(option.slot()))
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
        if (!Reading.counts(worn)) {
            return;
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

    /**
     * The distinct counted parts of the approved outfits, or of whole outfits, by the slot's ordinal.
     *
     * @param constraints options of counted slots they must contain
     * @param filled alternatives of uncounted options, of which they must contain one
     */
    List<Option[]> combinations(Option[] constraints, List<Option[]> filled) {
        Set<List<Option>> combinations = new LinkedHashSet<>();
        for (Placed one : placed) {
            if (contains(one, constraints) && containsAny(one, filled)) {
                combinations.add(Arrays.asList(whole ? one.bySlot : Option.in(counted, one.bySlot)));
            }
        }
        return combinations.stream().map(list -> list.toArray(Option[]::new)).toList();
    }

    /** The approved outfit with this counted part that contains one of the alternatives, or null. */
    public Placed of(Option[] combination, List<Option[]> filled) {
        for (Placed one : placed) {
            if (Arrays.equals(Option.in(counted, one.bySlot), combination) && containsAny(one, filled)) {
                return one;
            }
        }
        return null;
    }

    private static boolean containsAny(Placed one, List<Option[]> choices) {
        return choices.stream().anyMatch(choice -> contains(one, choice));
    }

    private static boolean contains(Placed one, Option[] chosen) {
        for (int s = 0; s < SLOTS; s++) {
            if (chosen[s] != null && one.bySlot[s] != chosen[s]) {
                return false;
            }
        }
        return true;
    }
}
