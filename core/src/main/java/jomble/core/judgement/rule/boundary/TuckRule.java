package jomble.core.judgement.rule.boundary;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Slot;

/** {@code boundary.tuck}: nothing is tucked in for a client who does not tuck. A half tuck is hers to refuse in words. */
public final class TuckRule implements PieceRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "boundary.tuck",
                    "No tucking",
                    "Some people feel every waistband. The tuck is off the list then, and the outfit has to work without.")
            .that(RuleTrait.READS_FINISHES, RuleTrait.ONLY_STOPS);

    record Tucked() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return slot == Slot.TOP;
    }

    @Override
    public Optional<Result> judge(Worn top, JudgementContext context) {
        boolean refused =
                !context.brief().boundaries().tucks() && top.is(Finish.TUCKED) && !Ways.isAlwaysTucked(top.piece());
        return refused ? Result.stop(new Tucked()) : Optional.empty();
    }
}
