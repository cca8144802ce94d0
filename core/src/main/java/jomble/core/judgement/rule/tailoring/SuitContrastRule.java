package jomble.core.judgement.rule.tailoring;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Tailoring;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code suit.contrast}: the parts of a broken suit must look different on purpose. */
public final class SuitContrastRule implements PairRule {
    private static final Parameter STOP = new Parameter("stop-below", 8, "ΔE00");
    private static final Parameter MAJOR = new Parameter("major-below", 12, "ΔE00");
    private static final Parameter LIGHTNESS = new Parameter("minor-lightness-below", 10, "ΔL*");
    private static final Parameter CLEAR = new Parameter("clear-lightness", 20, "ΔL*");
    private static final RuleInfo INFO = RuleInfo.of(
                    "suit.contrast",
                    "A broken suit contrasts",
                    "Two tailored pieces that nearly match look like a suit that went to the cleaner's in two loads.",
                    STOP,
                    MAJOR,
                    LIGHTNESS,
                    CLEAR)
            .that(RuleTrait.MAY_CREDIT);

    record TooAlike(double deltaE, double limit) {}

    record OddJacketAlike(double deltaE, double limit) {}

    record SameDepth(double deltaL, String family) {}

    record ClearContrast(double deltaL) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return outer == Slot.JACKET && (inner == Slot.BOTTOM || inner == Slot.MID);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Piece part = inner.piece();
        Piece jacket = outer.piece();
        double deltaE = part.colourDifference(jacket);
        double stop = context.value(this, STOP);
        if (!Tailoring.isBroken(inner, outer, context)) {
            boolean odd = inner.slot() == Slot.BOTTOM
                    && TradeTerms.isTailoredJacket(jacket)
                    && !part.sharesSetWith(jacket)
                    && part.cloth().surface() == jacket.cloth().surface()
                    && deltaE < stop;
            return odd ? Result.major(new OddJacketAlike(deltaE, stop)) : Optional.empty();
        }
        double major = context.value(this, MAJOR);
        if (deltaE < stop) {
            return Result.stop(new TooAlike(deltaE, stop));
        }
        if (deltaE < major) {
            return Result.major(new TooAlike(deltaE, major));
        }
        double deltaL = Math.abs(part.dominant().l() - jacket.dominant().l());
        boolean sameFamily = part.colourFamily() == jacket.colourFamily();
        if (sameFamily && deltaL < context.value(this, LIGHTNESS)) {
            return Result.minor(new SameDepth(deltaL, jacket.colourFamily().id()));
        }
        return !sameFamily || deltaL >= context.value(this, CLEAR)
                ? Result.credit(new ClearContrast(deltaL))
                : Optional.empty();
    }
}
