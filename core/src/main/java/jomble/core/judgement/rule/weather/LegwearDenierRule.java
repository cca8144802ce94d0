package jomble.core.judgement.rule.weather;

import java.util.EnumSet;
import java.util.List;
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

/** {@code legwear.denier}: legwear for the day. */
public final class LegwearDenierRule implements WholeRule {
    private static final Parameter BARE = new Parameter("bare-below", 10, "°C");
    private static final Parameter SHEER = new Parameter("sheer-below", 5, "°C");
    private static final Parameter WARM = new Parameter("opaque-above", 22, "°C");
    private static final Set<Slot> READS = EnumSet.of(Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.LEGWEAR);
    private static final RuleInfo INFO = RuleInfo.of(
                    "legwear.denier",
                    "Tights for the day",
                    "Bare legs are cold below ten degrees, sheer tights below five, and opaque ones are too much on a warm day.",
                    BARE,
                    SHEER,
                    WARM)
            .reading(READS)
            .that(RuleTrait.READS_WEATHER);
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.LEG_SHOWN, Sign.LEG_COVERED, Sign.OPAQUE_LEGWEAR, Sign.SHEER_LEGWEAR);

    record BareLegs(double lowC, double limitC) {}

    record SheerInTheCold(double lowC, double limitC) {}

    record OpaqueInTheWarm(double highC, double limitC) {}

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
        if (!context.isOutdoors()) {
            return Check.SILENT;
        }
        Limits limits = limits(context);
        boolean never = limits.low >= limits.bare && limits.high <= limits.warm;
        return never ? Check.SILENT : summary -> judge(summary, limits);
    }

    @Override
    public Optional<List<Boolean>> weatherAnswers(JudgementContext context) {
        if (!context.isOutdoors()) {
            return Optional.of(List.of());
        }
        Limits limits = limits(context);
        return Optional.of(List.of(limits.low < limits.bare, limits.low < limits.sheer, limits.high > limits.warm));
    }

    private Limits limits(JudgementContext context) {
        return new Limits(
                context.weather().lowC(),
                context.weather().highC(),
                context.value(this, BARE),
                context.value(this, SHEER),
                context.value(this, WARM));
    }

    /** The day and the limits, in °C. */
    private record Limits(double low, double high, double bare, double sheer, double warm) {}

    private static Optional<Result> judge(Summary summary, Limits limits) {
        if (summary.has(Sign.OPAQUE_LEGWEAR)) {
            return limits.high > limits.warm
                    ? Result.minor(new OpaqueInTheWarm(limits.high, limits.warm))
                    : Optional.empty();
        }
        if (!summary.has(Sign.LEG_SHOWN) || summary.has(Sign.LEG_COVERED)) {
            return Optional.empty();
        }
        if (summary.has(Sign.SHEER_LEGWEAR)) {
            return limits.low < limits.sheer
                    ? Result.minor(new SheerInTheCold(limits.low, limits.sheer))
                    : Optional.empty();
        }
        return limits.low < limits.bare ? Result.major(new BareLegs(limits.low, limits.bare)) : Optional.empty();
    }
}
