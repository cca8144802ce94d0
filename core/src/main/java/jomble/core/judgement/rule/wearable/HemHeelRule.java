package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Finish;
import jomble.core.piece.Hem;
import jomble.core.piece.Slot;

/** {@code hem.heel}: full-length legs are tailored for one height of heel. */
public final class HemHeelRule implements PairRule {
    private static final Parameter TRAILS = new Parameter("trails", 2.5, "cm of heel below");
    private static final Parameter SHORT = new Parameter("short", 3.5, "cm of heel above");
    private static final Parameter CUFF = new Parameter("cuff", 5, "cm a cuff takes up");
    private static final RuleInfo INFO = RuleInfo.of(
                    "hem.heel",
                    "Hemmed for a heel",
                    "Trousers hemmed for a heel trail over flat shoes, and somebody steps on them; a cuff takes up some of it.",
                    TRAILS,
                    SHORT,
                    CUFF)
            .that(RuleTrait.READS_FINISHES);

    record Trails(double heelCm, double hemmedForCm) {}

    record TooShort(double heelCm, double hemmedForCm) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return outer == Slot.SHOES && (inner == Slot.BOTTOM || inner == Slot.ONEPIECE);
    }

    @Override
    public Optional<Result> judge(Worn legs, Worn shoes, JudgementContext context) {
        Double hemmedFor = legs.piece().get(Attribute.HEMMED_FOR_HEEL_CM);
        Double heel = shoes.piece().get(Attribute.HEEL_CM);
        if (hemmedFor == null || heel == null || legs.piece().hem() != Hem.FULL_LENGTH) {
            return Optional.empty();
        }
        double taken = legs.is(Finish.CUFFED_HEM) ? context.value(this, CUFF) : 0;
        if (heel < hemmedFor - context.value(this, TRAILS) - taken) {
            return Result.stop(new Trails(heel, hemmedFor));
        }
        boolean cuffed = legs.is(Finish.CUFFED_HEM);
        return !cuffed && heel > hemmedFor + context.value(this, SHORT)
                ? Result.minor(new TooShort(heel, hemmedFor))
                : Optional.empty();
    }
}
