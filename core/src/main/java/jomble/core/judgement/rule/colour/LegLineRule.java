package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Summariser;
import jomble.core.outfit.Worn;
import jomble.core.piece.Hem;
import jomble.core.piece.Slot;

/** {@code leg.line}: shoes that carry on the colour of the leg make it longer. */
public final class LegLineRule implements PairRule {
    private static final Parameter SAME = new Parameter("same", 12, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
                    "leg.line",
                    "A long leg line",
                    "Where shoe and leg are of one colour the eye runs on to the floor; a clear change stops it at the ankle.",
                    SAME)
            .that(RuleTrait.MAY_CREDIT);

    record LongLegLine(double deltaE) {}

    record LineIsCut(double deltaE, double limit) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.BOTTOM && outer == Slot.SHOES || inner == Slot.LEGWEAR && outer == Slot.SHOES;
    }

    @Override
    public Optional<Result> judge(Worn leg, Worn shoes, JudgementContext context) {
        boolean toTheShoe = leg.slot() == Slot.LEGWEAR
                ? Summariser.hidesTheLeg(leg)
                : leg.piece().hem() == Hem.FULL_LENGTH || leg.piece().hem() == Hem.ANKLE;
        if (!toTheShoe || leg.piece().kind().isSkirt()) {
            return Optional.empty();
        }
        double deltaE = leg.piece().colourDifference(shoes.piece());
        double limit = context.value(this, SAME);
        if (deltaE <= limit) {
            return Result.credit(new LongLegLine(deltaE));
        }
        boolean asked = context.brief().lengthenLeg() && leg.slot() == Slot.BOTTOM;
        return asked ? Result.minor(new LineIsCut(deltaE, limit)) : Optional.empty();
    }
}
