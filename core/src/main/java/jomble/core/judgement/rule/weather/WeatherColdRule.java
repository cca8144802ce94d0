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

/** {@code weather.cold}: legs and feet below freezing. */
public final class WeatherColdRule implements WholeRule {
    private static final Parameter FREEZING = new Parameter("below", 0, "°C");
    private static final Set<Slot> READS = EnumSet.of(Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.LEGWEAR, Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.cold",
                    "Below freezing",
                    "Below freezing bare legs and open shoes are no longer a matter of taste.",
                    FREEZING)
            .reading(READS)
            .that(RuleTrait.READS_WEATHER);
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.LEG_SHOWN, Sign.LEG_COVERED, Sign.OPAQUE_LEGWEAR, Sign.SHEER_LEGWEAR, Sign.CLOSED_SHOES);

    record BareInTheFrost(double lowC, String what) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN);
    }

    @Override
    public Optional<List<Boolean>> weatherAnswers(JudgementContext context) {
        return Optional.of(List.of(prepare(context) == Check.SILENT));
    }

    @Override
    public Check prepare(JudgementContext context) {
        if (!context.isOutdoors() || context.weather().lowC() >= context.value(this, FREEZING)) {
            return Check.SILENT;
        }
        double low = context.weather().lowC();
        return summary -> judge(summary, low);
    }

    private static Optional<Result> judge(Summary summary, double low) {
        boolean legs = summary.has(Sign.LEG_SHOWN)
                && !summary.has(Sign.LEG_COVERED)
                && !summary.has(Sign.OPAQUE_LEGWEAR)
                && !summary.has(Sign.SHEER_LEGWEAR);
        if (legs || !summary.has(Sign.CLOSED_SHOES)) {
            return Result.major(new BareInTheFrost(low, legs ? "the legs are bare" : "the shoes are open"));
        }
        return Optional.empty();
    }
}
