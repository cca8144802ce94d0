package jomble.core.judgement.rule.proportion;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Keys;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code proportion.volume}: one roomy piece against one close one; roomy on roomy needs a waist. */
public final class ProportionVolumeRule implements WholeRule {
    private static final Parameter MINOR = new Parameter("minor", 6, "sum of volumes");
    private static final Parameter MAJOR = new Parameter("major", 7, "sum of volumes");
    private static final Set<Slot> READS =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET, Slot.COAT, Slot.BELT);
    private static final RuleInfo INFO = RuleInfo.of(
                    "proportion.volume",
                    "Volume wants a counterpart",
                    "Roomy over roomy hides the figure's turn at the waist; a tuck, a knot, a cropped hem or a belt brings it back.",
                    MINOR,
                    MAJOR)
            .reading(READS)
            .that(RuleTrait.READS_FINISHES, RuleTrait.MAY_CREDIT);
    private static final Set<Slot> NAMED = EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.JACKET);

    record RoomyOnRoomy(int upper, int lower) {}

    record CloseInsideRoomy() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return NAMED.contains(worn.slot());
    }

    @Override
    public boolean maySoften(Worn worn, Structure structure) {
        return worn.slot() != Slot.COAT;
    }

    @Override
    public long key(Summary summary) {
        int bits = (summary.waistDefined() ? 1 : 0)
                | (summary.has(Sign.CLOSE_TOP) ? 2 : 0)
                | (summary.has(Sign.ROOMY_OUTER) ? 4 : 0)
                | (summary.has(Sign.WAIST_HALF_DEFINED) ? 8 : 0);
        return Keys.of(bits, summary.upperVolume() << 4 | summary.lowerVolume());
    }

    @Override
    public Check prepare(JudgementContext context) {
        int minor = (int) context.value(this, MINOR);
        int major = (int) context.value(this, MAJOR);
        return summary -> {
            int sum = summary.upperVolume() == 0 || summary.lowerVolume() == 0
                    ? 0
                    : summary.upperVolume() + summary.lowerVolume();
            FindingKind kind = sum >= major ? FindingKind.MAJOR : sum >= minor ? FindingKind.MINOR : null;
            boolean half = summary.has(Sign.WAIST_HALF_DEFINED);
            kind = kind == null || summary.waistDefined() ? null : half ? kind.softer() : kind;
            if (kind != null) {
                return Result.of(kind, new RoomyOnRoomy(summary.upperVolume(), summary.lowerVolume()));
            }
            return summary.closeInsideRoomy() ? Result.credit(new CloseInsideRoomy()) : Optional.empty();
        };
    }
}
