package jomble.core.judgement.rule.proportion;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Fit;
import jomble.core.piece.Hem;
import jomble.core.piece.Slot;

/** {@code proportion.coat}: what the coat does to the line beneath. */
public final class ProportionCoatRule implements PairRule {
    private static final Parameter MOST = new Parameter("most", 15, "cm of skirt below the coat");
    private static final RuleInfo INFO = RuleInfo.of(
                    "proportion.coat",
                    "Coat and hem",
                    "A full hem pushed out under a coat of the same length makes a bell; clearly longer or shorter makes a line.",
                    MOST)
            .that(RuleTrait.MAY_CREDIT);
    private static final int WIDE = 4;
    private static final double STATURE_CM = 168;
    private static final double LEAST_CM = 2;

    record FullHemUnderCoat(double apart, double most) {}

    record RoomyOverClose() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return outer == Slot.COAT && (inner == Slot.BOTTOM || inner == Slot.ONEPIECE || inner == Slot.TOP);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn coat, JudgementContext context) {
        if (inner.slot() == Slot.TOP) {
            boolean credit = coat.piece().fit().volume() >= 3 && inner.piece().fit() == Fit.CLOSE;
            return credit ? Result.credit(new RoomyOverClose()) : Optional.empty();
        }
        Hem hem = inner.piece().hem();
        if (hem == null || coat.piece().hem() == null || inner.piece().volume() < WIDE || hem == Hem.FULL_LENGTH) {
            return Optional.empty();
        }
        double apart =
                (coat.piece().hem().landmark().meanPermille() - hem.landmark().meanPermille()) / 1000.0 * STATURE_CM;
        double near = context.value(this, MOST);
        return apart >= LEAST_CM && apart <= near ? Result.minor(new FullHemUnderCoat(apart, near)) : Optional.empty();
    }
}
