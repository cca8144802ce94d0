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

/** {@code weather.cold}: legs and feet below freezing, and arms under a coat that is only assumed. */
public final class WeatherColdRule implements WholeRule {
    private static final Parameter FREEZING = new Parameter("below", 0, "°C");
    private static final Parameter ARMS = new Parameter("long-sleeves-below", 8, "°C");
    private static final Set<Slot> READS = EnumSet.of(
            Slot.BASE,
            Slot.TOP,
            Slot.BOTTOM,
            Slot.ONEPIECE,
            Slot.DRAPE,
            Slot.MID,
            Slot.JACKET,
            Slot.COAT,
            Slot.LEGWEAR,
            Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.cold",
                    "In the cold",
                    "Below freezing bare legs and open shoes are no longer a matter of taste; under a coat for the cold belong long sleeves or a layer.",
                    FREEZING,
                    ARMS)
            .reading(READS)
            .that(RuleTrait.READS_WEATHER);
    private static final Set<Sign> SEEN = EnumSet.of(
            Sign.LEG_SHOWN,
            Sign.LEG_COVERED,
            Sign.OPAQUE_LEGWEAR,
            Sign.SHEER_LEGWEAR,
            Sign.CLOSED_SHOES,
            Sign.KNEES_COVERED,
            Sign.LONG_SLEEVES_WORN,
            Sign.LAYER_OVER,
            Sign.DRAPE_WORN);

    record BareInTheFrost(double lowC, String what) {}

    record BareArmsUnderACoat(double lowC, double limitC) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return Keys.of(summary.among(SEEN), 2 * BareLeg.permille(summary) + (summary.wearsCoat() ? 1 : 0));
    }

    @Override
    public Optional<List<Boolean>> weatherAnswers(JudgementContext context) {
        return Optional.of(List.of(isFreezing(context), isForLongSleeves(context)));
    }

    @Override
    public Check prepare(JudgementContext context) {
        boolean freezing = isFreezing(context);
        boolean sleeves = isForLongSleeves(context);
        if (!freezing && !sleeves) {
            return Check.SILENT;
        }
        double low = context.weather().lowC();
        double limit = context.value(this, ARMS);
        return summary -> {
            Optional<Result> bare = freezing ? frost(summary, low) : Optional.empty();
            return bare.isEmpty() && sleeves && armsAreBare(summary)
                    ? Result.major(new BareArmsUnderACoat(low, limit))
                    : bare;
        };
    }

    private boolean isFreezing(JudgementContext context) {
        return context.isOutdoors() && context.weather().lowC() < context.value(this, FREEZING);
    }

    /** Whether it is cold enough for sleeves under a coat, and the coat may be one that is only assumed. */
    private boolean isForLongSleeves(JudgementContext context) {
        return context.assumedCentiClo() > 0 && context.weather().lowC() < context.value(this, ARMS);
    }

    private static boolean armsAreBare(Summary summary) {
        return !summary.wearsCoat()
                && !summary.has(Sign.LONG_SLEEVES_WORN)
                && !summary.has(Sign.LAYER_OVER)
                && !summary.has(Sign.DRAPE_WORN);
    }

    private static Optional<Result> frost(Summary summary, double low) {
        boolean legs = BareLeg.cm(summary) > BareLeg.UNNOTICED_CM;
        if (legs || !summary.has(Sign.CLOSED_SHOES)) {
            return Result.major(new BareInTheFrost(low, legs ? "the legs are bare" : "the shoes are open"));
        }
        return Optional.empty();
    }
}
