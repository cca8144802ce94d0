package jomble.core.judgement.rule.tailoring;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code suit.waistcoat}: a waistcoat between two suits. */
public final class SuitWaistcoatRule implements WholeRule {
    private static final Set<Slot> READS = EnumSet.of(Slot.BOTTOM, Slot.MID, Slot.JACKET);
    private static final RuleInfo INFO = RuleInfo.of(
                    "suit.waistcoat",
                    "The waistcoat between",
                    "Trousers and waistcoat of one suit make an unbroken middle under another jacket; three suits at once make none.")
            .reading(READS)
            .that(RuleTrait.MAY_CREDIT);

    record UnbrokenMiddle() {}

    record WaistcoatApart() {}

    record ThreeSuits() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return summary.openSuiting();
    }

    @Override
    public Check prepare(JudgementContext context) {
        return summary -> switch (summary.suits()) {
            case 1 -> Result.credit(new UnbrokenMiddle());
            case 2 -> Result.major(new WaistcoatApart());
            case 3 -> Result.major(new ThreeSuits());
            default -> Optional.empty();
        };
    }
}
