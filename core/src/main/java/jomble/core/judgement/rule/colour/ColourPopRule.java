package jomble.core.judgement.rule.colour;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Keys;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code colour.pop}: one small strong colour in a neutral outfit. */
public final class ColourPopRule implements WholeRule {
    private static final Set<Slot> READS = EnumSet.of(
            Slot.TOP,
            Slot.BOTTOM,
            Slot.ONEPIECE,
            Slot.DRAPE,
            Slot.MID,
            Slot.JACKET,
            Slot.SHOES,
            Slot.BAG,
            Slot.NECK,
            Slot.TIE,
            Slot.HAT,
            Slot.BELT,
            Slot.LEGWEAR);
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.pop",
                    "One small strong colour",
                    "A single saturated accent in an otherwise neutral outfit looks chosen; two start an argument.")
            .reading(READS)
            .that(RuleTrait.NEVER_FAULTS);

    record OneAccent() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return Keys.of(summary.hueFamilies() == 0 ? 0 : 1, summary.accents());
    }

    @Override
    public Check prepare(JudgementContext context) {
        return summary -> summary.hueFamilies() == 0 && summary.accents() == 1
                ? Result.credit(new OneAccent())
                : Optional.empty();
    }
}
