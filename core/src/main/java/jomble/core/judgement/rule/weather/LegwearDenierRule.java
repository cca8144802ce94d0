package jomble.core.judgement.rule.weather;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Keys;
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
    private static final Parameter BARE = new Parameter("bare-below", 8, "°C");
    private static final Parameter BARE_MAJOR = new Parameter("bare-major-below", 3, "°C");
    private static final Parameter GAP = new Parameter("bare-more-than", BareLeg.UNNOTICED_CM, "cm of bare leg");
    private static final Parameter SHEER = new Parameter("sheer-below", 5, "°C");
    private static final Parameter WARM = new Parameter("opaque-above", 22, "°C");
    private static final Set<Slot> READS =
            EnumSet.of(Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.COAT, Slot.LEGWEAR, Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "legwear.denier",
                    "Tights for the day",
                    "Bare legs are cold below eight degrees unless boots cover them, sheer tights below five; opaque ones are too much on a warm day and in open shoes.",
                    BARE,
                    BARE_MAJOR,
                    GAP,
                    SHEER,
                    WARM)
            .reading(READS)
            .that(RuleTrait.READS_WEATHER);
    private static final Set<Sign> SEEN = EnumSet.of(
            Sign.LEG_SHOWN,
            Sign.LEG_COVERED,
            Sign.OPAQUE_LEGWEAR,
            Sign.SHEER_LEGWEAR,
            Sign.KNEES_COVERED,
            Sign.OPEN_SHOES);

    record BareLegs(int gapCm, double lowC, double limitC) {}

    record SheerInTheCold(double lowC, double limitC) {}

    record OpaqueInTheWarm(double highC, double limitC) {}

    record OpaqueInOpenShoes() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return Keys.of(summary.among(SEEN), BareLeg.permille(summary));
    }

    @Override
    public Check prepare(JudgementContext context) {
        if (!context.isOutdoors()) {
            return LegwearDenierRule::openShoes;
        }
        Limits limits = limits(context);
        return summary -> {
            Optional<Result> open = openShoes(summary);
            return open.isPresent() ? open : judge(summary, limits);
        };
    }

    @Override
    public Optional<List<Boolean>> weatherAnswers(JudgementContext context) {
        if (!context.isOutdoors()) {
            return Optional.of(List.of());
        }
        Limits limits = limits(context);
        return Optional.of(List.of(
                limits.low < limits.bare,
                limits.low < limits.bareMajor,
                limits.low < limits.sheer,
                limits.high > limits.warm));
    }

    private Limits limits(JudgementContext context) {
        return new Limits(
                context.weather().lowC(),
                context.weather().highC(),
                context.value(this, BARE),
                context.value(this, BARE_MAJOR),
                context.value(this, GAP),
                context.value(this, SHEER),
                context.value(this, WARM));
    }

    /** The day and the limits, in °C, and the bare leg in cm from which on it is noticed. */
    private record Limits(
            double low, double high, double bare, double bareMajor, double gap, double sheer, double warm) {}

    private static Optional<Result> openShoes(Summary summary) {
        return summary.has(Sign.OPAQUE_LEGWEAR) && summary.has(Sign.OPEN_SHOES)
                ? Result.major(new OpaqueInOpenShoes())
                : Optional.empty();
    }

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
        int gap = BareLeg.cm(summary);
        if (gap <= limits.gap || limits.low >= limits.bare) {
            return Optional.empty();
        }
        return limits.low < limits.bareMajor
                ? Result.major(new BareLegs(gap, limits.low, limits.bareMajor))
                : Result.minor(new BareLegs(gap, limits.low, limits.bare));
    }
}
