package jomble.core.judgement.rule.boundary;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Slot;

/** {@code boundary.heel}: no heel above the client's or the occasion's limit. */
public final class HeelRule implements PieceRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "boundary.heel",
                    "Highest heel",
                    "A heel somebody cannot walk in all day spoils the day; the limit is hers, or the place's.")
            .that(RuleTrait.ONLY_STOPS);

    record HeelTooHigh(double heelCm, double limitCm) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return slot == Slot.SHOES;
    }

    @Override
    public Optional<Result> judge(Worn shoes, JudgementContext context) {
        Double heel = shoes.piece().get(Attribute.HEEL_CM);
        double limit = Math.min(
                orNone(context.brief().boundaries().maxHeelCm()),
                orNone(context.occasion().maxHeelCm()));
        return heel != null && heel > limit ? Result.stop(new HeelTooHigh(heel, limit)) : Optional.empty();
    }

    private static double orNone(Double limit) {
        return limit == null ? Double.MAX_VALUE : limit;
    }
}
