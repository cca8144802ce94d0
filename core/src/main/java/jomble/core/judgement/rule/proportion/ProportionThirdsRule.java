package jomble.core.judgement.rule.proportion;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summariser;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code proportion.thirds}: a third against two thirds pleases; cut in half looks heavy. A drape crosses every line. */
public final class ProportionThirdsRule implements WholeRule {
    private static final Parameter HALF_FROM = new Parameter("half-from", 0.46, "of stature");
    private static final Parameter HALF_TO = new Parameter("half-to", 0.51, "of stature");
    private static final Parameter HIGH = new Parameter("high-third", 0.62, "of stature");
    private static final Parameter LOW = new Parameter("low-third", 0.36, "of stature");
    private static final Parameter NEAR = new Parameter("near", 0.05, "of stature");
    private static final Set<Slot> READS =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.LEGWEAR);
    private static final RuleInfo INFO = RuleInfo.of(
                    "proportion.thirds",
                    "Thirds rather than halves",
                    "Where the eye meets the strongest horizontal, the figure is divided; a third above two thirds, or no break at all, lengthens it.",
                    HALF_FROM,
                    HALF_TO,
                    HIGH,
                    LOW,
                    NEAR)
            .reading(READS)
            .that(RuleTrait.READS_FINISHES, RuleTrait.MAY_CREDIT);

    record CutInHalf(double height, int deltaE) {}

    record Thirds(double height) {}

    record UnbrokenColumn() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot() == Slot.TOP || worn.slot() == Slot.BOTTOM || worn.slot() == Slot.ONEPIECE;
    }

    @Override
    public boolean isTouchedBy(Worn worn, Structure structure) {
        return worn.slot() == Slot.LEGWEAR
                ? structure == Structure.ONE_PIECE && Summariser.hidesTheLeg(worn)
                : reads().contains(worn.slot());
    }

    @Override
    public long key(Summary summary) {
        return key(summary, summary.openBreak());
    }

    private static long key(Summary summary, long openBreak) {
        return openBreak << 1 | (summary.has(Sign.DRAPE_WORN) ? 1 : 0);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return new Division(
                permille(context.value(this, HALF_FROM)),
                permille(context.value(this, HALF_TO)),
                permille(context.value(this, HIGH)),
                permille(context.value(this, LOW)),
                permille(context.value(this, NEAR)));
    }

    private static int permille(double fraction) {
        return (int) Math.round(fraction * 1000);
    }

    /** The rule with its heights, in thousandths of stature. */
    private record Division(int halfFrom, int halfTo, int high, int low, int near) implements Check {
        @Override
        public Optional<Result> judge(Summary summary) {
            int at = summary.breakPermille();
            if (summary.has(Sign.DRAPE_WORN)) {
                return Optional.empty();
            }
            if (at < 0) {
                return Result.credit(new UnbrokenColumn());
            }
            if (at >= halfFrom && at <= halfTo) {
                return Result.minor(new CutInHalf(at / 1000.0, summary.breakDifference()));
            }
            boolean third = Math.abs(at - high) <= near || Math.abs(at - low) <= near;
            return third ? Result.credit(new Thirds(at / 1000.0)) : Optional.empty();
        }

        /** Only a break in the middle costs anything. */
        @Override
        public long key(WholeRule rule, Summary summary) {
            return ProportionThirdsRule.key(summary, summary.openBreak(halfFrom, halfTo));
        }
    }
}
