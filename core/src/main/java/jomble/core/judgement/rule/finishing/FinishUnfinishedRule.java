package jomble.core.judgement.rule.finishing;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code finish.unfinished}: an outfit for company has at least one accessory. */
public final class FinishUnfinishedRule implements WholeRule {
    private static final Parameter FORMALITY = new Parameter("from-formality", 3, "formality");
    private static final Set<Slot> READS =
            EnumSet.complementOf(EnumSet.of(Slot.BASE, Slot.UNDERSKIRT, Slot.COAT, Slot.LEGWEAR));
    private static final RuleInfo INFO = RuleInfo.of(
                    "finish.unfinished",
                    "Finished",
                    "From smart casual on, an outfit without belt, scarf, watch or jewellery looks like a shop window before the last hand.",
                    FORMALITY)
            .reading(READS)
            .that(RuleTrait.NEVER_FAULTS);
    private static final Set<Sign> SEEN = EnumSet.of(Sign.ACCESSORY_WORN);

    record NoAccessory(int formality) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        long accessory = summary.has(Sign.ACCESSORY_WORN) ? 1 : 0;
        return (accessory << 33 | summary.openSuiting()) << 28 | summary.formalities();
    }

    @Override
    public Check prepare(JudgementContext context) {
        if (!context.finishing()) {
            return Check.SILENT;
        }
        double from = context.value(this, FORMALITY);
        return summary -> {
            int formality = summary.formality();
            return formality >= from && !summary.has(Sign.ACCESSORY_WORN)
                    ? Result.note(new NoAccessory(formality))
                    : Optional.empty();
        };
    }
}
