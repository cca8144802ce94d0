package jomble.core.judgement.rule.tailoring;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Keys;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code formality.spread}: the pieces talk to the same room. */
public final class FormalitySpreadRule implements WholeRule {
    private static final Parameter MINOR = new Parameter("minor", 3, "steps of formality");
    private static final Parameter MAJOR = new Parameter("major", 4, "steps of formality");
    private static final Parameter STOP = new Parameter("stop", 5, "steps of formality");
    private static final Set<Slot> READS =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET, Slot.COAT, Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "formality.spread",
                    "One room",
                    "A dinner jacket over jogging bottoms speaks to two rooms at once; a step or two apart is ease.",
                    MINOR,
                    MAJOR,
                    STOP)
            .with(SchoolSwitch.FORMALITY_MIX)
            .reading(READS);

    record Spread(int spread, int lowest, int highest) {}

    record CoatBelow(int below, int coat, int highest) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        int formality = worn.piece().formality();
        boolean extreme = formality == summary.lowestFormality() || formality == summary.highestFormality();
        return worn.slot() == Slot.COAT
                ? formality < summary.lowestFormality()
                : worn.slot().isFormality() && extreme;
    }

    /** One piece more can only widen the spread. */
    @Override
    public boolean maySoften(Worn worn, Structure structure) {
        return false;
    }

    @Override
    public long key(Summary summary) {
        return Keys.of(summary.coatFormality(), summary.lowestFormality() << 4 | summary.highestFormality());
    }

    @Override
    public Check prepare(JudgementContext context) {
        int minor = (int) context.value(this, MINOR);
        int major = (int) context.value(this, MAJOR);
        int stop = (int) context.value(this, STOP);
        boolean softer = context.schools().holds(SchoolSwitch.FORMALITY_MIX, "high-low");
        return summary -> {
            int spread = summary.highestFormality() - summary.lowestFormality();
            FindingKind kind = soften(grade(spread, minor, major, stop), softer);
            int below = summary.coatFormality() == 0 ? 0 : summary.highestFormality() - summary.coatFormality();
            FindingKind coat = soften(grade(below, minor, major, Integer.MAX_VALUE), softer);
            if (coat != null && (kind == null || coat.compareTo(kind) > 0)) {
                return Result.of(coat, new CoatBelow(below, summary.coatFormality(), summary.highestFormality()));
            }
            return Result.of(kind, new Spread(spread, summary.lowestFormality(), summary.highestFormality()));
        };
    }

    private static FindingKind grade(int steps, int minor, int major, int stop) {
        if (steps >= stop) {
            return FindingKind.STOP;
        }
        if (steps >= major) {
            return FindingKind.MAJOR;
        }
        return steps >= minor ? FindingKind.MINOR : null;
    }

    private static FindingKind soften(FindingKind kind, boolean softer) {
        return kind != null && softer ? kind.softer() : kind;
    }
}
