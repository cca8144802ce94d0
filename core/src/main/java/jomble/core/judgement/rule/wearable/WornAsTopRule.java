package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code layer.worn-as-top}: a layer that is worn as the top stands alone. */
public final class WornAsTopRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
            "layer.worn-as-top",
            "A layer worn as a top",
            "A cardigan, an overshirt or a hooded top that is worn as the top is worn without another layer: two layers with nothing beneath look like a mistake.");

    record LayerOverLayer() {}

    record JacketOverLayer() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.TOP && (outer == Slot.MID || outer == Slot.JACKET);
    }

    @Override
    public Optional<Result> judge(Worn top, Worn outer, JudgementContext context) {
        Piece piece = top.piece();
        boolean cardigan = piece.is(Trait.CARDIGAN);
        boolean overshirt = piece.is(Trait.OVERSHIRT);
        if (!cardigan && !overshirt && !piece.is(Trait.HOODED_TOP)) {
            return Optional.empty();
        }
        if (outer.slot() == Slot.MID) {
            return Result.stop(new LayerOverLayer());
        }
        boolean wrong = cardigan || overshirt && !outer.piece().is(Trait.FIELD_JACKET);
        return wrong ? Result.major(new JacketOverLayer()) : Optional.empty();
    }
}
