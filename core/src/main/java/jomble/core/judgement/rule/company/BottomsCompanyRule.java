package jomble.core.judgement.rule.company;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Scope;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.TradeTerms;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code bottoms.company}: what shorts, cargo trousers, leggings and suit trousers are worn with. */
public final class BottomsCompanyRule implements PairRule, WholeRule {
    private static final Parameter HEAVY = new Parameter("chunky-from", 4, "cloth weight of a knit");
    private static final Set<Slot> READS =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.MID, Slot.JACKET, Slot.COAT);
    private static final RuleInfo INFO = RuleInfo.of(
                    "bottoms.company",
                    "What goes with these bottoms",
                    "Cargo trousers and shorts do not go with tailoring, suit trousers do not go with an overshirt, a hood or a chunky knit; shorts need no more than one layer, and leggings need a hem over the seat.",
                    HEAVY)
            .reading(READS);
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.SHORTS_WORN, Sign.MID_WORN, Sign.JACKET_WORN, Sign.LEGGINGS_WORN, Sign.SEAT_COVERED);

    record TailoringWithPlayclothes() {}

    record RoughOverSuitTrousers() {}

    record ShortsUnderLayers() {}

    record LeggingsUncovered() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Scope scope() {
        return Scope.PAIR;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.BOTTOM && (outer == Slot.MID || outer == Slot.JACKET);
    }

    @Override
    public Optional<Result> judge(Worn bottom, Worn outer, JudgementContext context) {
        Piece below = bottom.piece();
        Piece above = outer.piece();
        boolean play = TradeTerms.isShorts(below) || below.is(Trait.CARGO_TROUSERS) || below.is(Trait.JOGGING_BOTTOMS);
        if (play && (TradeTerms.isTailoredJacket(above) || above.is(Trait.WAISTCOAT))) {
            return Result.major(new TailoringWithPlayclothes());
        }
        boolean chunky = above.isKnit() && above.clothWeight() >= context.value(this, HEAVY);
        boolean rough = above.is(Trait.ROUGH_LAYER) || chunky && outer.slot() == Slot.MID;
        return TradeTerms.isSuitTrousers(below) && rough ? Result.major(new RoughOverSuitTrousers()) : Optional.empty();
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot() == Slot.BOTTOM;
    }

    @Override
    public boolean maySoften(Worn worn, Structure structure) {
        return worn.slot() != Slot.BOTTOM;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return summary -> {
            if (summary.has(Sign.SHORTS_WORN) && summary.has(Sign.MID_WORN) && summary.has(Sign.JACKET_WORN)) {
                return Result.major(new ShortsUnderLayers());
            }
            return summary.has(Sign.LEGGINGS_WORN) && !summary.has(Sign.SEAT_COVERED)
                    ? Result.major(new LeggingsUncovered())
                    : Optional.empty();
        };
    }
}
