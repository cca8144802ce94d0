package jomble.core.judgement.rule.tailoring;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Tailoring;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code suit.fit}: jacket and bottom of a broken suit carry like volumes. */
public final class SuitFitRule implements PairRule {
    private static final Parameter APART = new Parameter("apart", 2, "steps of volume");
    private static final RuleInfo INFO = RuleInfo.of(
            "suit.fit",
            "Volumes of a broken suit",
            "A close jacket over wide trousers of another suit, or the reverse, looks top- or bottom-heavy.",
            APART);

    record TopHeavy(int jacket, int bottom) {}

    record BottomHeavy(int jacket, int bottom) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.BOTTOM && outer == Slot.JACKET;
    }

    @Override
    public Optional<Result> judge(Worn bottom, Worn jacket, JudgementContext context) {
        int above = jacket.piece().fit().volume();
        int below = bottom.piece().volume();
        if (!Tailoring.isBroken(jacket, bottom, context) || Math.abs(above - below) < context.value(this, APART)) {
            return Optional.empty();
        }
        return Result.major(above > below ? new TopHeavy(above, below) : new BottomHeavy(above, below));
    }
}
