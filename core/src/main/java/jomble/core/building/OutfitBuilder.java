package jomble.core.building;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.judgement.Finding;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Finds every piece that still fits an unfinished outfit, best first. Whether a piece fits is exact: it does if some
 * outfit of the context contains it together with everything chosen so far. The order follows the judgement of the
 * unfinished outfit with the piece: cautions, then score.
 */
public final class OutfitBuilder {
    private static final Set<Slot> THIRD_PIECES = EnumSet.of(Slot.MID, Slot.JACKET);
    private static final Set<Slot> FINISHING =
            EnumSet.of(Slot.BELT, Slot.BAG, Slot.HAT, Slot.NECK, Slot.TIE, Slot.JEWELLERY, Slot.WATCH);
    /** Rules about missing pieces. */
    private static final Set<String> ABOUT_WHAT_IS_MISSING = Set.of("structure", "weather.warmth");

    private static final Comparator<Offer> BEST_FIRST = Comparator.comparing(Offer::verdict)
            .thenComparing(offer -> offer.changes() == null ? Integer.MAX_VALUE : offer.changes())
            .thenComparing(offer -> offer.judgement().points())
            .thenComparing(Comparator.comparing(Offer::score).reversed())
            .thenComparing(offer -> offer.judgement().credits(), Comparator.reverseOrder())
            .thenComparing(offer -> offer.pieces().get(0).id());

    private final RuleCatalogue catalogue;
    private final OutfitQueries queries;

    public OutfitBuilder(RuleCatalogue catalogue, OutfitQueries queries) {
        this.catalogue = catalogue;
        this.queries = queries;
    }

    /** @param offers best first, including the piece already in the slot */
    public record Place(Slot slot, List<Offer> offers) {
        /** Number of offers that fit. */
        public int fitting() {
            return (int) offers.stream()
                    .filter(offer -> offer.verdict() == Verdict.WORKS)
                    .count();
        }
    }

    /**
     * The offers for every slot, in dressing order; slots the wardrobe has nothing for are left out.
     *
     * @param oneMore the best third piece and the best finishing touch for an outfit that works, if they improve it
     */
    public record Reading(List<Place> places, List<Offer> oneMore) {}

    /**
     * Reads the bench. Every slot is counted, whatever the question counts.
     *
     * @param there the outfit so far; may be empty
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    public Reading read(CountQuestion question, Outfit there, Progress progress) {
        Map<Slot, List<PieceId>> pieces = new EnumMap<>(Slot.class);
        there.worn()
                .forEach(worn -> pieces.put(
                        worn.slot(), worn.pieces().stream().map(Piece::id).toList()));
        List<OutfitQueries.Choice> choices =
                queries.choices(question.counting(CountedSlots.EVERY_SLOT), pieces, progress);
        Judge judge = judgeOfBest(question, there);
        Judgement now = judge.best(there);
        Map<Slot, Judgement> without = new EnumMap<>(Slot.class);
        for (Slot slot : Slot.values()) {
            without.put(slot, there.in(slot).isEmpty() ? now : judge.best(without(there, slot, List.of())));
        }
        List<Offer> offers = choices.parallelStream()
                .filter(choice -> choice.verdict() != Verdict.NO || !isReadOtherwise(choice, there))
                .map(choice -> offer(choice, judge, there, without.get(choice.slot())))
                .sorted(BEST_FIRST)
                .toList();
        List<Place> places = Arrays.stream(Slot.values())
                .map(slot -> new Place(
                        slot,
                        offers.stream().filter(offer -> offer.slot() == slot).toList()))
                .filter(place -> !place.offers().isEmpty())
                .toList();
        return new Reading(places, oneMore(places, now, score(now, judge.context())));
    }

    /** The judge of the context in which the outfit is at its best. */
    private Judge judgeOfBest(CountQuestion question, Outfit outfit) {
        return Judge.of(catalogue, question.contexts()).stream()
                .min(Comparator.comparing(judge -> judge.best(outfit), Judgement.BETTER))
                .orElseThrow();
    }

    private static Outfit without(Outfit outfit, Slot slot, List<Piece> pieces) {
        return Outfit.of(outfit.worn().stream()
                .filter(worn -> worn.slot() != slot && worn.pieces().stream().noneMatch(pieces::contains))
                .toList());
    }

    /** Whether a choice only gives another name to a look that is offered as well: a coat that is a layer already. */
    private static boolean isReadOtherwise(OutfitQueries.Choice choice, Outfit there) {
        List<Worn> worn =
                new ArrayList<>(without(there, choice.slot(), choice.pieces()).worn());
        worn.add(Worn.of(choice.slot(), choice.pieces()));
        return !jomble.core.outfit.Reading.counts(worn);
    }

    private static Offer offer(OutfitQueries.Choice choice, Judge judge, Outfit there, Judgement without) {
        List<Worn> worn =
                new ArrayList<>(without(there, choice.slot(), choice.pieces()).worn());
        worn.add(Worn.of(choice.slot(), choice.pieces()));
        Judgement with = judge.best(Outfit.of(worn));
        Finding reason = with.findings().stream()
                .filter(finding -> finding.kind().isFault() && !ABOUT_WHAT_IS_MISSING.contains(finding.rule()))
                .filter(finding -> without.findings().stream().noneMatch(before -> isSame(before, finding)))
                .findFirst()
                .orElse(null);
        return new Offer(
                choice.slot(),
                choice.pieces(),
                choice.verdict(),
                choice.changes(),
                with,
                score(with, judge.context()).total(),
                reason,
                speaks(score(without, judge.context()), score(with, judge.context())));
    }

    private static boolean isSame(Finding one, Finding other) {
        return one.rule().equals(other.rule())
                && one.kind() == other.kind()
                && one.pieces().equals(other.pieces());
    }

    private static OutfitScore score(Judgement judgement, JudgementContext context) {
        return OutfitScore.of(judgement.outfit().worn(), judgement.points(), context);
    }

    private static OutfitScore.Kind speaks(OutfitScore before, OutfitScore after) {
        Map<OutfitScore.Kind, Double> known = new EnumMap<>(OutfitScore.Kind.class);
        before.parts().forEach(part -> known.put(part.kind(), part.points()));
        return after.parts().stream()
                .filter(part -> part.points() > Math.max(0, known.getOrDefault(part.kind(), 0.0)))
                .max(Comparator.comparing(part -> part.points() - known.getOrDefault(part.kind(), 0.0)))
                .map(OutfitScore.Part::kind)
                .orElse(null);
    }

    private static List<Offer> oneMore(List<Place> places, Judgement now, OutfitScore score) {
        if (now.verdict() == Verdict.NO) {
            return List.of();
        }
        return Stream.of(THIRD_PIECES, FINISHING)
                .filter(group -> group != THIRD_PIECES
                        || group.stream().allMatch(slot -> now.outfit().in(slot).isEmpty()))
                .map(group -> places.stream()
                        .filter(place -> group.contains(place.slot())
                                && now.outfit().in(place.slot()).isEmpty())
                        .flatMap(place -> place.offers().stream())
                        .filter(offer -> adds(offer, now) && isBetter(offer, now, score))
                        .min(BEST_FIRST))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Whether everything else stays on: a piece that is worn already would only change its place. */
    private static boolean adds(Offer offer, Judgement now) {
        Set<Piece> there = now.outfit().worn().stream()
                .flatMap(worn -> worn.pieces().stream())
                .collect(Collectors.toSet());
        return offer.pieces().stream().noneMatch(there::contains) && (offer.changes() == null || offer.changes() == 0);
    }

    private static boolean isBetter(Offer offer, Judgement now, OutfitScore score) {
        boolean isNoWorse = offer.judgement().verdict().compareTo(now.verdict()) <= 0
                && offer.judgement().points() <= now.points();
        return isNoWorse
                && (offer.score() > score.total()
                        || offer.score() == score.total() && offer.judgement().credits() > now.credits());
    }
}
