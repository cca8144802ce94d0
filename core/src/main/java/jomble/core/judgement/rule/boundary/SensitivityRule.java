package jomble.core.judgement.rule.boundary;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Sensitivity;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Fibre;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * {@code boundary.sensitivity}: a material the client's skin does not tolerate.
 *
 * <p>Tailored trousers and skirts are lined and do not touch the skin, so wool is accepted there.
 */
public final class SensitivityRule implements PieceRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "boundary.sensitivity",
                    "What the skin does not bear",
                    "An allergy is a matter of health, not of style: nothing that may set it off is proposed.")
            .that(RuleTrait.ONLY_STOPS);
    private static final Set<Fibre> WOOLS = EnumSet.of(Fibre.WOOL, Fibre.MERINO, Fibre.MOHAIR, Fibre.ALPACA);
    private static final Set<Fibre> LATEX = EnumSet.of(Fibre.LATEX, Fibre.RUBBER);
    private static final Set<Metal> MAY_HOLD_NICKEL =
            EnumSet.of(Metal.SILVER, Metal.GUNMETAL, Metal.MIXED, Metal.BRASS);
    private static final Set<Slot> ON_THE_SKIN =
            EnumSet.of(Slot.BASE, Slot.TOP, Slot.ONEPIECE, Slot.LEGWEAR, Slot.NECK, Slot.HANDS, Slot.HAT);
    private static final double DARK_L = 30;

    record Sensitive(String sensitivity) {}

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
        for (Sensitivity sensitivity : context.brief().boundaries().sensitivities()) {
            if (worn.pieces().stream().anyMatch(piece -> touches(sensitivity, worn.slot(), piece))) {
                return Result.stop(new Sensitive(sensitivity.words()));
            }
        }
        return Optional.empty();
    }

    private static boolean touches(Sensitivity sensitivity, Slot slot, Piece piece) {
        boolean onSkin = ON_THE_SKIN.contains(slot);
        return switch (sensitivity) {
            case NICKEL ->
                (slot == Slot.JEWELLERY || slot == Slot.WATCH || slot == Slot.BELT)
                        && MAY_HOLD_NICKEL.contains(piece.metal());
            case WOOL -> onSkin && WOOLS.stream().anyMatch(fibre -> piece.percentOf(fibre) > 0);
            case LATEX -> LATEX.stream().anyMatch(fibre -> piece.percentOf(fibre) > 0);
            case DYE -> onSkin && piece.dominant().l() < DARK_L && piece.percentOf(Fibre.POLYESTER) > 0;
        };
    }
}
