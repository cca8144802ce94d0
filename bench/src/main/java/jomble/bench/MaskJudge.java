package jomble.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.completion.Completion;
import jomble.core.counting.completion.CompletionSearch;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Judges outfits of one wardrobe in one context by the masks that counting works out beforehand. */
final class MaskJudge {
    private static final int SLOTS = Slot.values().length;

    private final CompiledContext context;
    private final CompletionSearch search;
    /** By piece and ordinal of the slot. */
    private final Map<PieceId, Option[]> options = new HashMap<>();

    MaskJudge(List<Piece> pieces, JudgementContext judged) {
        Options all = new Options(pieces, judged);
        this.context = CompiledContext.of(all, judged, Catalogue.standard());
        // With every slot counted nothing is filled in, whatever the structure.
        this.search = new CompletionSearch(context, all, Structure.SEPARATES, CountedSlots.LOOKS);
        for (Option option : all.all()) {
            if (option.pieces().size() == 1) {
                options.computeIfAbsent(option.pieces().get(0).id(), id -> new Option[SLOTS])[
                        option.slot().ordinal()] = option;
            }
        }
    }

    /** The best over the ways to wear it. */
    Completion best(List<Worn> worn) {
        Option[] outfit = new Option[SLOTS];
        for (Worn one : worn) {
            outfit[one.slot().ordinal()] = option(one);
        }
        return search.plainest(outfit, Verdict.DARING);
    }

    /** Whether two pieces in two slots can be worn in some way that rules about pieces and pairs let pass. */
    boolean mayMeet(Worn one, Worn other) {
        return ways(option(one))
                .anyMatch(inner -> ways(option(other))
                        .anyMatch(outer -> Penalties.NONE
                                        .wearing(inner, new int[0], 0, context)
                                        .wearing(outer, new int[] {inner}, 1, context)
                                        .points()
                                <= Verdict.DARING.mostPoints()));
    }

    private static IntStream ways(Option option) {
        return IntStream.range(
                option.firstWay(), option.firstWay() + option.ways().size());
    }

    private Option option(Worn one) {
        return options.get(one.piece().id())[one.slot().ordinal()];
    }
}
