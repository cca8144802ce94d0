package jomble.core.judgement.rule.finishing;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code finish.long-gloves}: long gloves meet short sleeves. */
public final class LongGlovesRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "finish.long-gloves",
                    "Long gloves",
                    "Long gloves are made for bare or half-bare arms; over or under a long sleeve they bunch.")
            .that(RuleTrait.MAY_CREDIT);

    record SleeveInTheWay(String sleeve) {}

    record ArmsForGloves(String sleeve) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return outer == Slot.HANDS
                && (inner == Slot.TOP || inner == Slot.ONEPIECE || inner == Slot.JACKET || inner == Slot.COAT);
    }

    @Override
    public Optional<Result> judge(Worn garment, Worn gloves, JudgementContext context) {
        Sleeve sleeve = garment.piece().sleeve();
        if (sleeve == null || !gloves.piece().is(Trait.LONG_GLOVES)) {
            return Optional.empty();
        }
        if (sleeve == Sleeve.LONG) {
            return Result.minor(new SleeveInTheWay(sleeve.words()));
        }
        boolean outer = garment.slot() == Slot.JACKET || garment.slot() == Slot.COAT;
        return outer ? Optional.empty() : Result.credit(new ArmsForGloves(sleeve.words()));
    }
}
