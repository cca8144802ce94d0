package jomble.core.judgement.rule.boundary;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Hem;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code work.tucked}: at work, a shirt made to be tucked is tucked. */
public final class WorkTuckedRule implements PieceRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "work.tucked",
                    "Tucked at work",
                    "A shirt with tails that hangs out reads as the end of the day; one cut straight may hang.")
            .with(SchoolSwitch.TUCKING_AT_WORK)
            .that(RuleTrait.READS_FINISHES);
    private static final Set<Hem> HANGS = EnumSet.of(Hem.WAIST, Hem.HIGH_HIP);

    record HangsOut() {}

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
        boolean asked = context.occasion().work() && context.schools().holds(SchoolSwitch.TUCKING_AT_WORK, "tucked");
        boolean shirt = top.piece().is(Trait.SHIRT_OR_BLOUSE)
                && top.piece().finishes().contains(Finish.TUCKED)
                && !HANGS.contains(top.piece().hem());
        return asked && shirt && (top.is(Finish.UNTUCKED) || top.is(Finish.HALF_TUCKED))
                ? Result.minor(new HangsOut())
                : Optional.empty();
    }
}
