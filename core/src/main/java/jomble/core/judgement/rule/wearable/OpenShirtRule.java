package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Detail;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code layer.open-shirt}: what a shirt or a blouse may be worn open over, and what over it. */
public final class OpenShirtRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "layer.open-shirt",
                    "A shirt worn open",
                    "An open shirt goes over a tee, a vest, a close roll-neck or a sleeveless dress, and is the last layer but for a denim or field jacket and a coat.")
            .that(RuleTrait.READS_FINISHES);

    record OpenBow() {}

    record NotMadeToHangOpen() {}

    record OpenOver() {}

    record ClosedOver() {}

    record LastLayer() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return outer == Slot.MID && (inner == Slot.TOP || inner == Slot.ONEPIECE)
                || inner == Slot.MID && outer == Slot.JACKET;
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        if (outer.slot() == Slot.JACKET) {
            boolean fine =
                    !TradeTerms.isShirtOrBlouse(inner.piece()) || outer.piece().is(Trait.FIELD_JACKET);
            return fine ? Optional.empty() : Result.major(new LastLayer());
        }
        return TradeTerms.isShirtOrBlouse(outer.piece()) ? over(inner, outer) : Optional.empty();
    }

    private static Optional<Result> over(Worn inner, Worn outer) {
        Piece shirt = outer.piece();
        if (shirt.neckline() == Neckline.BOW || shirt.has(Detail.BOW)) {
            return Result.stop(new OpenBow());
        }
        if (shirt.fit() == Fit.CLOSE || shirt.sleeve() == null || shirt.sleeve().isSleeveless()) {
            return Result.major(new NotMadeToHangOpen());
        }
        if (!outer.is(Finish.OPEN)) {
            boolean rollNeck = inner.slot() == Slot.TOP && TradeTerms.isCloseRollNeck(inner.piece());
            return rollNeck ? Optional.empty() : Result.major(new ClosedOver());
        }
        return isUnderAShirt(inner) ? Optional.empty() : Result.major(new OpenOver());
    }

    private static boolean isUnderAShirt(Worn inner) {
        Piece piece = inner.piece();
        if (inner.slot() == Slot.ONEPIECE) {
            return piece.sleeve() != null && piece.sleeve().isSleeveless();
        }
        return piece.is(Trait.UNDER_OPEN_SHIRT) || TradeTerms.isCloseRollNeck(piece);
    }
}
