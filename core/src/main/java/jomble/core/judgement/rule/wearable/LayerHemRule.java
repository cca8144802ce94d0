package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/**
 * {@code layer.hem}: where the inner layer ends against the outer one.
 *
 * <p>Heights are taken from the published figure, so that the rule stays about the two garments and not about who wears them.
 */
public final class LayerHemRule implements PairRule {
    private static final Parameter LEAST = new Parameter("least", 2, "cm");
    private static final Parameter MOST = new Parameter("most", 15, "cm");
    private static final Parameter BELOW_JACKET = new Parameter("below-jacket", 5, "percent of stature");
    private static final RuleInfo INFO = RuleInfo.of(
                    "layer.hem",
                    "Hems of layers",
                    "A strip of the inner layer below the outer one looks forgotten; a shirt under a layer is tucked, and nothing hangs far below a jacket.",
                    LEAST,
                    MOST,
                    BELOW_JACKET)
            .that(RuleTrait.READS_FINISHES);
    /** Stature in cm for converting heights in thousandths to lengths. */
    private static final double STATURE_CM = 168;

    private static final int CASUAL = 3;

    record PeepsOut(double lengthCm, double mostCm) {}

    record MidLongerThanJacket(double lengthCm) {}

    record HangsBelowJacket(double lengthCm, double mostPercent) {}

    record HangsOutUnderLayer() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return (outer == Slot.JACKET || outer == Slot.COAT)
                        && (inner == Slot.TOP || inner == Slot.MID || inner == Slot.JACKET)
                || inner == Slot.TOP && outer == Slot.MID;
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        if (inner.piece().hem() == null || outer.piece().hem() == null || isAway(inner)) {
            return Optional.empty();
        }
        if (inner.slot() == Slot.TOP && outer.slot() != Slot.COAT && isTuckable(inner, context)) {
            return Result.major(new HangsOutUnderLayer());
        }
        if (outer.slot() == Slot.MID) {
            return Optional.empty();
        }
        double longer = (heightOf(outer) - heightOf(inner)) / 1000.0 * STATURE_CM;
        if (longer < context.value(this, LEAST)) {
            return Optional.empty();
        }
        double below = context.value(this, BELOW_JACKET);
        if (outer.slot() == Slot.JACKET && longer > below / 100 * STATURE_CM) {
            return Result.major(new HangsBelowJacket(longer, below));
        }
        if (inner.slot() == Slot.MID && outer.slot() == Slot.JACKET) {
            return midUnderJacket(inner, outer, longer);
        }
        double most = context.value(this, MOST);
        return longer <= most ? Result.minor(new PeepsOut(longer, most)) : Optional.empty();
    }

    /** A shirt or a blouse cut to be tucked, of a client who tucks. */
    private static boolean isTuckable(Worn top, JudgementContext context) {
        return TradeTerms.isShirtOrBlouse(top.piece())
                && top.piece().finishes().contains(Finish.TUCKED)
                && context.brief().boundaries().tucks();
    }

    private Optional<Result> midUnderJacket(Worn mid, Worn jacket, double longer) {
        if (mid.piece().is(Trait.COAT_LIKE)) {
            return Optional.empty();
        }
        boolean casual = mid.piece().formality() <= CASUAL && jacket.piece().formality() <= CASUAL;
        MidLongerThanJacket evidence = new MidLongerThanJacket(longer);
        return casual ? Result.minor(evidence) : Result.major(evidence);
    }

    /** A tucked or knotted top has no visible hem. */
    private static boolean isAway(Worn worn) {
        return worn.is(Finish.TUCKED) || worn.is(Finish.HALF_TUCKED) || worn.is(Finish.KNOTTED);
    }

    private static int heightOf(Worn worn) {
        return worn.piece().hem().landmark().meanPermille();
    }
}
