package jomble.core.judgement.rule.boundary;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.outfit.Worn;
import jomble.core.piece.PatternScale;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code work.prints}: at work, prints keep their voice down. */
public final class WorkPrintsRule implements PieceRule {
    private static final Parameter SATURATED = new Parameter("saturated-above", 45, "C*");
    private static final RuleInfo INFO = RuleInfo.of(
                    "work.prints",
                    "Quiet prints at work",
                    "Stripes, checks, small dots and woven patterns pass at work; a large flower or an animal print is what is remembered of the meeting.",
                    SATURATED)
            .with(SchoolSwitch.PRINTS_AT_WORK);

    record LoudPrint(String pattern) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return slot.isMain();
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        boolean asked = context.occasion().work() && context.schools().holds(SchoolSwitch.PRINTS_AT_WORK, "restrained");
        Piece piece = worn.piece();
        if (!asked || !piece.isLoudPrint()) {
            return Optional.empty();
        }
        LoudPrint evidence = new LoudPrint(piece.pattern().words());
        boolean strong = piece.colours().stream()
                .anyMatch(colour -> colour.colour().lab().chroma() > context.value(this, SATURATED));
        return piece.patternScale() == PatternScale.LARGE && strong ? Result.major(evidence) : Result.minor(evidence);
    }
}
