package jomble.core.judgement.rule.tailoring;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Occasion;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code formality.occasion}: the outfit is dressed for the room it goes to. */
public final class FormalityOccasionRule implements WholeRule {
    private static final Set<Slot> READS =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET, Slot.SHOES, Slot.TIE);
    private static final RuleInfo INFO = RuleInfo.of(
                    "formality.occasion",
                    "Dressed for the occasion",
                    "Each occasion has a window; one step outside is noticed, two are wrong.")
            .reading(READS);

    private static final int MOST_FORMAL = 7;

    record BelowTheOccasion(int formality, int low, String occasion) {}

    record AboveTheOccasion(int formality, int high, String occasion) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        int suit = summary.suitFormality() << 1 | (summary.has(Sign.TIE_WORN) ? 1 : 0);
        return summary.suitsToCome() << 32 | (long) summary.formalities() << 4 | suit;
    }

    @Override
    public Check prepare(JudgementContext context) {
        Occasion occasion = context.occasion();
        int low = occasion.formalityLow();
        int high = occasion.formalityHigh();
        if (low <= 1 && high >= MOST_FORMAL) {
            return Check.SILENT;
        }
        return summary -> {
            int formality = summary.formality();
            if (formality == 0 || (formality >= low && formality <= high)) {
                return Optional.empty();
            }
            Record evidence = formality < low
                    ? new BelowTheOccasion(formality, low, occasion.name())
                    : new AboveTheOccasion(formality, high, occasion.name());
            int off = formality < low ? low - formality : formality - high;
            return off == 1 ? Result.major(evidence) : Result.stop(evidence);
        };
    }
}
