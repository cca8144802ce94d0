package jomble.core.judgement.rule.tailoring;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.colour.ColourFamily;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Tailoring;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code suit.dark-side}: of a broken suit the darker half is worn above. */
public final class SuitDarkSideRule implements PairRule {
    private static final Parameter LIGHTER = new Parameter("lighter", 20, "ΔL*");
    private static final RuleInfo INFO = RuleInfo.of(
            "suit.dark-side",
            "Dark above light",
            "A lighter jacket over darker trousers drops the weight to the feet, but for greys, blues and sporting patterns.",
            LIGHTER);
    private static final int SPORTING = 7;
    private static final Set<ColourFamily> EXEMPT = EnumSet.of(
            ColourFamily.ACHROMATIC, ColourFamily.NAVY, ColourFamily.DENIM, ColourFamily.AZURE, ColourFamily.BLUE);

    record LightOverDark(double deltaL) {}

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
        double lighter =
                jacket.piece().dominant().l() - bottom.piece().dominant().l();
        boolean exempt = EXEMPT.contains(jacket.piece().colourFamily())
                || SuitSeparableRule.jacketScore(jacket.piece()) >= SPORTING;
        boolean fires =
                Tailoring.isBroken(jacket, bottom, context) && !exempt && lighter >= context.value(this, LIGHTER);
        return fires ? Result.minor(new LightOverDark(lighter)) : Optional.empty();
    }
}
