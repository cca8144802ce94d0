package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.FitsNow;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code fits}: a piece recorded as too small or too large is not worn until it is altered. */
public final class FitsRule implements PieceRule {
    private static final RuleInfo INFO = RuleInfo.of(
            "fits",
            "It fits",
            "What pinches or hangs off is taken out again in front of the mirror; it counts when it has been altered.");

    record DoesNotFit(String fitsNow) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return true;
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        for (Piece piece : worn.pieces()) {
            FitsNow fits = piece.get(Attribute.FITS_NOW);
            if (fits == FitsNow.TOO_SMALL || fits == FitsNow.TOO_LARGE) {
                return Result.stop(new DoesNotFit(fits.words()));
            }
        }
        return Optional.empty();
    }
}
