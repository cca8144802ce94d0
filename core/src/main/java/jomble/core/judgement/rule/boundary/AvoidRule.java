package jomble.core.judgement.rule.boundary;

import java.util.Optional;
import jomble.core.brief.Avoidance;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.ColourNames;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code boundary.avoid}: kinds, fibres, colours, patterns and metals the client refuses. */
public final class AvoidRule implements PieceRule {
    private static final Parameter SAME = new Parameter("same-colour", 12, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
                    "boundary.avoid",
                    "What the client refuses",
                    "A boundary is not argued with: what a client said she will not wear is not proposed.",
                    SAME)
            .that(RuleTrait.ONLY_STOPS);

    record Refused(String what) {}

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
        for (Avoidance avoided : context.brief().boundaries().avoid()) {
            for (Piece piece : worn.pieces()) {
                if (isMet(avoided, piece, context.value(this, SAME))) {
                    return Result.stop(new Refused(words(avoided)));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isMet(Avoidance avoided, Piece piece, double same) {
        if (avoided.kind() != null) {
            return piece.kind().id().equals(avoided.kind())
                    || piece.kind().origin().id().equals(avoided.kind());
        }
        if (avoided.fibre() != null) {
            return piece.percentOf(avoided.fibre()) > 0;
        }
        if (avoided.pattern() != null) {
            return piece.pattern() == avoided.pattern();
        }
        if (avoided.metal() != null) {
            return piece.metal() == avoided.metal();
        }
        return Ciede2000.difference(piece.dominant(), avoided.colour().lab()) <= same;
    }

    private static String words(Avoidance avoided) {
        if (avoided.kind() != null) {
            return avoided.kind().replace('-', ' ');
        }
        if (avoided.fibre() != null) {
            return avoided.fibre().words();
        }
        if (avoided.pattern() != null) {
            return avoided.pattern().words();
        }
        return avoided.metal() != null ? avoided.metal().words() : ColourNames.nameOf(avoided.colour());
    }
}
