package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.SlotPairs;
import jomble.core.outfit.Worn;
import jomble.core.piece.Detail;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Neckline;
import jomble.core.piece.Opening;
import jomble.core.piece.Slot;
import jomble.core.piece.Surface;

/**
 * {@code layer.collar}: what a collar does under the next layer.
 *
 * <p>Coats are left out: they close over any collar and come off at the door.
 */
public final class LayerCollarRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "layer.collar",
                    "Collars and necklines in layers",
                    "A collar needs an open neck above it; under a boat neck or a roll it is trapped, and a bow under a close knit makes a lump.")
            .that(RuleTrait.READS_FINISHES, RuleTrait.MAY_CREDIT);
    private static final Set<Neckline> COLLARS = EnumSet.of(Neckline.POINT_COLLAR, Neckline.BAND_COLLAR);
    private static final Set<Neckline> LETS_OUT = EnumSet.of(Neckline.CREW, Neckline.V, Neckline.SCOOP);
    private static final Set<Neckline> TRAPS = EnumSet.of(Neckline.BOAT, Neckline.HIGH, Neckline.ROLL);

    record CollarOut(String neckline) {}

    record CollarTrapped(String neckline) {}

    record BowUnderKnit() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return SlotPairs.isLayer(inner, outer) && inner != Slot.BASE && outer != Slot.COAT;
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        boolean open = outer.is(Finish.OPEN) || outer.piece().opening() == Opening.OPEN_FRONT;
        boolean fussy =
                inner.piece().neckline() == Neckline.BOW || inner.piece().has(Detail.RUFFLE);
        boolean closeKnit =
                outer.piece().cloth().surface() == Surface.KNIT && outer.piece().fit() == Fit.CLOSE;
        boolean pulledOver = outer.piece().opening() == Opening.NONE
                && outer.piece().isKnit()
                && outer.piece().neckline() != Neckline.V
                && outer.piece().neckline() != Neckline.SCOOP;
        if (fussy && (closeKnit && !open || pulledOver)) {
            return Result.major(new BowUnderKnit());
        }
        Neckline neckline = outer.piece().neckline();
        if (!COLLARS.contains(inner.piece().neckline()) || neckline == null) {
            return Optional.empty();
        }
        if (COLLARS.contains(neckline)) {
            return Optional.empty();
        }
        if (open || LETS_OUT.contains(neckline)) {
            return Result.credit(new CollarOut(neckline.words()));
        }
        return TRAPS.contains(neckline) ? Result.minor(new CollarTrapped(neckline.words())) : Optional.empty();
    }
}
