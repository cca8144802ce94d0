package jomble.server.capsule;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.capsule.CapsulePlan;
import jomble.core.capsule.CapsuleTexts;
import jomble.core.capsule.SharedCapsules;
import jomble.core.piece.Money;
import jomble.core.piece.PieceId;
import jomble.server.counting.CountsView.LadderView;
import jomble.server.counting.Exact;

/**
 * A planned capsule; integers above 2^53 are written as text.
 *
 * @param pieces in layer order
 * @param seasonal by piece, its seasons, for pieces not worn in all of them
 * @param quality proved best by the whole order of criteria, bounded, or unbounded when no bound is known
 * @param provedFor the criteria, the most important first, that no capsule of this size meets better
 * @param free pieces that do not count towards the size and are always there
 * @param upperBoundOutfits upper bound of the number of outfits; omitted when unknown
 */
record CapsulePlanView(
        List<String> pieces,
        List<String> free,
        FiguresView figures,
        Map<String, ReasonView> reasons,
        Map<String, List<String>> seasonal,
        List<SwapView> swaps,
        List<NearestView> nearest,
        List<SizeView> curve,
        int elbow,

        @Schema(allowableValues = {"proved", "bounded", "unbounded"})
        String quality,

        List<String> provedFor,
        @JsonInclude(JsonInclude.Include.NON_NULL) Long upperBoundOutfits,
        List<RelaxationView> relaxations,
        long millis) {
    record FiguresView(
            double needsMetFraction,
            double needsMetByBasesFraction,
            int earning,
            Exact outfits,
            LadderView ladder,
            Exact paper,
            double shareInTheDark,
            int freshDays,
            @Schema(nullable = true) Integer laundryDays,
            @Schema(nullable = true) Integer laundryDaysAtMost,
            @Schema(nullable = true) String runsOutFirst,
            @Schema(nullable = true) WithoutView hardestToSpare,
            long givenUpForVariety,
            double variety,
            PreferredView preferred,

            @Schema(allowableValues = {"top-led", "even", "free"})
            String topsGuide,

            int tops,
            int bottoms,
            List<NeedMetView> contexts) {}

    /** @param costPerWear mean over the pieces with a known cost, null when there are none */
    record PreferredView(
            int favourites, @Schema(nullable = true) MoneyView costPerWear, int wholeYear) {
        static PreferredView of(CapsulePlan.Preferred preferred) {
            Money cost = preferred.costPerWear();
            return new PreferredView(
                    preferred.favourites(),
                    cost == null
                            ? null
                            : new MoneyView(cost.amount(), cost.currency().getCurrencyCode()),
                    preferred.wholeYear());
        }
    }

    record MoneyView(BigDecimal amount, String currency) {}

    /** The capsule without one piece. */
    record WithoutView(String piece, double needsMetFraction, long outfits) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record NeedMetView(
            String occasion, String season, int need, Exact outfits, Integer weakestMonth, Exact weakestMonthOutfits) {}

    /**
     * @param in number of outfits that contain it; {@code completes} those it can complete; {@code lost} those lost
     *     without it
     * @param essential whether a need or a wish fails without it
     */
    record ReasonView(Exact in, Exact completes, Exact lost, boolean essential, String text) {}

    /** @param missed number of pieces by which wishes are missed after the swap */
    record SwapView(
            String out,
            String in,
            int missed,
            double needsMetFraction,
            int earning,
            long outfits,
            double variety,
            PreferredView preferred) {}

    /** @param adds outfits it would add; {@code instead} is the piece it would best replace */
    record NearestView(String piece, long adds, String instead, long outfits, double needsMetFraction) {}

    record SizeView(int size, double needsMetFraction, double needsMetByBasesFraction, long outfits) {}

    record RelaxationView(String wish, String text) {}

    /** A capsule found during the search. */
    record BetterView(
            List<String> pieces, int missed, double needsMetFraction, int earning, long outfits, double variety) {
        static BetterView of(CapsulePlan.Better better) {
            return new BetterView(
                    better.pieces().stream().map(PieceId::value).toList(),
                    better.missed(),
                    better.needsMetFraction(),
                    better.earning(),
                    better.outfits(),
                    better.variety());
        }
    }

    /** One of several capsules with a shared core, and the capsule found without one. */
    record SharedPartView(String name, CapsulePlanView plan, BetterView alone) {
        static SharedPartView of(String name, SharedCapsules.Part part) {
            return new SharedPartView(name, CapsulePlanView.of(part.plan(), 0), BetterView.of(part.alone()));
        }
    }

    private static Map<String, List<String>> seasonal(CapsulePlan plan) {
        Map<String, List<String>> seasonal = new LinkedHashMap<>();
        plan.seasonal().forEach((id, seasons) -> seasonal.put(id.value(), seasons));
        return seasonal;
    }

    static CapsulePlanView of(CapsulePlan plan, long millis) {
        Map<String, ReasonView> reasons = new LinkedHashMap<>();
        plan.reasons()
                .forEach((id, reason) -> reasons.put(
                        id.value(),
                        new ReasonView(
                                Exact.of(reason.in()),
                                Exact.of(reason.completes()),
                                Exact.of(reason.lost()),
                                reason.why().isEssential(),
                                CapsuleTexts.text(reason.why()))));
        return new CapsulePlanView(
                plan.pieces().stream().map(PieceId::value).toList(),
                plan.free().stream().map(PieceId::value).toList(),
                figures(plan.figures()),
                reasons,
                seasonal(plan),
                plan.swaps().stream()
                        .map(swap -> new SwapView(
                                swap.out().value(),
                                swap.in().value(),
                                swap.missed(),
                                swap.needsMetFraction(),
                                swap.earning(),
                                swap.outfits(),
                                swap.variety(),
                                PreferredView.of(swap.preferred())))
                        .toList(),
                plan.nearest().stream()
                        .map(one -> new NearestView(
                                one.piece().value(),
                                one.adds(),
                                one.instead().value(),
                                one.outfits(),
                                one.needsMetFraction()))
                        .toList(),
                plan.curve().stream()
                        .map(size -> new SizeView(
                                size.size(), size.needsMetFraction(), size.needsMetByBasesFraction(), size.outfits()))
                        .toList(),
                plan.elbow(),
                plan.quality().id(),
                plan.provedFor().stream().map(CapsulePlan.Criterion::id).toList(),
                plan.upperBound(),
                plan.missed().stream()
                        .map(missed -> new RelaxationView(missed.wish().id(), CapsuleTexts.text(missed)))
                        .toList(),
                millis);
    }

    private static FiguresView figures(CapsulePlan.Figures figures) {
        CapsulePlan.WashFree wash = figures.washFree();
        CapsulePlan.Without spare = figures.hardestToSpare();
        return new FiguresView(
                figures.needsMetFraction(),
                figures.needsMetByBasesFraction(),
                figures.earning(),
                Exact.of(figures.outfits()),
                LadderView.of(figures.ladder()),
                Exact.of(figures.paper()),
                figures.shareInTheDark().fraction(),
                figures.freshDays(),
                wash == null ? null : wash.days(),
                wash == null ? null : wash.daysAtMost(),
                wash == null ? null : wash.runsOutFirst().id(),
                spare == null
                        ? null
                        : new WithoutView(spare.piece().value(), spare.needsMetFraction(), spare.outfits()),
                figures.givenUpForVariety(),
                figures.variety(),
                PreferredView.of(figures.preferred()),
                figures.topsGuide(),
                figures.tops(),
                figures.bottoms(),
                figures.needs().stream()
                        .map(met -> new NeedMetView(
                                met.occasion(),
                                met.season(),
                                met.need(),
                                Exact.of(met.outfits()),
                                met.weakestMonth(),
                                Exact.of(met.weakestMonthOutfits())))
                        .toList());
    }
}
