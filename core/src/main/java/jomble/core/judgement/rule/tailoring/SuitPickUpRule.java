package jomble.core.judgement.rule.tailoring;

import java.util.Optional;
import jomble.core.colour.Ciede2000;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Slot;

/** {@code suit.pick-up}: a patterned jacket carries the colour of what is worn with it. */
public final class SuitPickUpRule implements PairRule {
    private static final Parameter SAME = new Parameter("same", 12, "ΔE00");
    private static final Parameter SEEN = new Parameter("seen-from", 0.08, "share of the pattern");
    private static final RuleInfo INFO = RuleInfo.of(
                    "suit.pick-up",
                    "Tied together",
                    "A colour of the jacket's pattern that comes again below ties the two halves together.",
                    SAME,
                    SEEN)
            .that(RuleTrait.NEVER_FAULTS);

    record TiedTogether(double deltaE) {}

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
        if (jacket.piece().isSolid() || jacket.piece().sharesSetWith(bottom.piece())) {
            return Optional.empty();
        }
        double nearest = Double.MAX_VALUE;
        for (ColourShare colour : jacket.piece().colours()) {
            if (colour.shareFraction() >= context.value(this, SEEN)) {
                nearest = Math.min(
                        nearest,
                        Ciede2000.difference(
                                colour.colour().lab(), bottom.piece().dominant()));
            }
        }
        return nearest <= context.value(this, SAME) ? Result.credit(new TiedTogether(nearest)) : Optional.empty();
    }
}
