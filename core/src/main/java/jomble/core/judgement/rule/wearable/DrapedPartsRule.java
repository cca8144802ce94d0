package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code draped.parts}: a draped garment has all its parts. */
public final class DrapedPartsRule implements WholeRule {
    private static final Set<Slot> READS = EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.DRAPE, Slot.UNDERSKIRT);
    private static final RuleInfo INFO = RuleInfo.of(
                    "draped.parts",
                    "The parts of a draped garment",
                    "A drape is pinned to a fitted blouse and tucked into an underskirt or a long skirt; without them it does not hold.")
            .reading(READS);
    private static final Set<Sign> SEEN = EnumSet.of(
            Sign.FITTED_BLOUSE,
            Sign.FASTENS_AT_THE_SIDE,
            Sign.LONG_FLARED_SKIRT,
            Sign.DRAPE_WORN,
            Sign.UNDERSKIRT_WORN,
            Sign.TOP_WORN);

    record NoUnderskirt() {}

    record NoFittedBlouse() {}

    record BlouseAndSkirtAlone() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return DrapedPartsRule::judge;
    }

    private static Optional<Result> judge(Summary summary) {
        if (summary.has(Sign.DRAPE_WORN)) {
            if (!summary.has(Sign.UNDERSKIRT_WORN) && !summary.has(Sign.LONG_FLARED_SKIRT)) {
                return Result.stop(new NoUnderskirt());
            }
            return summary.has(Sign.TOP_WORN) ? Optional.empty() : Result.stop(new NoFittedBlouse());
        }
        boolean alone = summary.has(Sign.FITTED_BLOUSE)
                && summary.has(Sign.LONG_FLARED_SKIRT)
                && !summary.has(Sign.FASTENS_AT_THE_SIDE);
        return alone ? Result.minor(new BlouseAndSkirtAlone()) : Optional.empty();
    }
}
