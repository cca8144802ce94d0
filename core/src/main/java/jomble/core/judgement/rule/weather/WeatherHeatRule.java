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
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code weather.heat}: things that hold heat, on a hot day. */
public final class WeatherHeatRule implements WholeRule {
    private static final Parameter HOT = new Parameter("hot-from", 27, "°C");
    private static final Parameter MAJOR = new Parameter("major-from", 2, "things that hold heat");
    private static final Set<Slot> READS =
            EnumSet.of(Slot.BASE, Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.LEGWEAR, Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.heat",
                    "In the heat",
                    "On a hot day cloth that does not breathe, a high neck, tights and boots are each felt by noon.",
                    HOT,
                    MAJOR)
            .reading(READS)
            .that(RuleTrait.READS_WEATHER);

    record HoldsHeat(int things, double highC) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return summary.heat();
    }

    @Override
    public Optional<List<Boolean>> weatherAnswers(JudgementContext context) {
        return Optional.of(List.of(prepare(context) == Check.SILENT));
    }

    @Override
    public Check prepare(JudgementContext context) {
        if (!context.isOutdoors() || context.weather().highC() < context.value(this, HOT)) {
            return Check.SILENT;
        }
        double high = context.weather().highC();
        double major = context.value(this, MAJOR);
        return summary -> {
            int things = summary.heat();
            if (things == 0) {
                return Optional.empty();
            }
            HoldsHeat evidence = new HoldsHeat(things, high);
            return things >= major ? Result.major(evidence) : Result.minor(evidence);
        };
    }
}
