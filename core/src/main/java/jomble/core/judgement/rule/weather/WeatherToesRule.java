package jomble.core.judgement.rule.weather;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;
import jomble.core.piece.Toe;

/** {@code weather.toes}: open toes want a warm pavement. */
public final class WeatherToesRule implements PieceRule {
    private static final Parameter MINOR = new Parameter("minor-below", 12, "°C");
    private static final Parameter STOP = new Parameter("stop-below", 6, "°C");
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.toes",
                    "Open toes in the cold",
                    "Bare toes are the first thing to get cold, and they look it.",
                    MINOR,
                    STOP)
            .that(RuleTrait.READS_WEATHER);

    record OpenToes(double lowC, double limitC) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return slot == Slot.SHOES;
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        if (worn.piece().toe() != Toe.OPEN || !context.isOutdoors()) {
            return Optional.empty();
        }
        double low = context.weather().lowC();
        double minor = context.value(this, MINOR);
        double stop = context.value(this, STOP);
        if (low < stop) {
            return Result.stop(new OpenToes(low, stop));
        }
        return low < minor ? Result.minor(new OpenToes(low, minor)) : Optional.empty();
    }
}
