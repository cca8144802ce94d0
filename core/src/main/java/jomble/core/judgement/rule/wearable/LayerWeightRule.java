package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Cloth;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code layer.weight}: heavier and roomier on the outside. */
public final class LayerWeightRule implements PairRule {
    private static final Parameter HEAVY = new Parameter("heavy-knit", 4, "cloth weight");
    private static final Parameter KNIT_LIGHTER = new Parameter("knit-lighter-by", 2, "steps of cloth weight");
    private static final RuleInfo INFO = RuleInfo.of(
            "layer.weight",
            "Heavier and roomier outside",
            "A layer is as heavy and as roomy as what is under it, or it clings and rucks; a heavy knit swells a tailored sleeve, and linen slides on wool.",
            HEAVY,
            KNIT_LIGHTER);
    /** Made to be close or light over whatever is worn: they have no sleeves, or are laid on. */
    record LighterOutside(int inner, int outer) {}

    record CloserOutside() {}

    record LinenOverKnit() {}

    record HeavyKnitUnderTailoring(int weight, double most) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.TOP && outer == Slot.MID
                || outer == Slot.JACKET && (inner == Slot.TOP || inner == Slot.MID);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Piece beneath = inner.piece();
        Piece above = outer.piece();
        if (outer.slot() == Slot.JACKET) {
            boolean heavy = beneath.isKnit() && beneath.clothWeight() >= context.value(this, HEAVY);
            boolean tailored = (TradeTerms.isTailoredJacket(above) || above.is(Trait.KNITTED_JACKET))
                    && above.cloth() != Cloth.TWEED;
            if (inner.slot() == Slot.MID && above.cloth() == Cloth.LINEN && beneath.isKnit()) {
                return Result.major(new LinenOverKnit());
            }
            return heavy && tailored
                    ? Result.major(new HeavyKnitUnderTailoring(beneath.clothWeight(), context.value(this, HEAVY)))
                    : Optional.empty();
        }
        if (above.cloth() == Cloth.LINEN && beneath.isKnit()) {
            return Result.major(new LinenOverKnit());
        }
        if (above.is(Trait.OF_ANY_WEIGHT)) {
            return Optional.empty();
        }
        int lighter = beneath.clothWeight() - above.clothWeight();
        if (lighter >= (above.isKnit() ? context.value(this, KNIT_LIGHTER) : 1)) {
            return Result.major(new LighterOutside(beneath.clothWeight(), above.clothWeight()));
        }
        return above.fit().volume() < beneath.fit().volume() ? Result.major(new CloserOutside()) : Optional.empty();
    }
}
