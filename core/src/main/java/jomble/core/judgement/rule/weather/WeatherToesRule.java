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
import jomble.core.piece.Trait;

/** {@code weather.toes}: open toes want a warm pavement. */
public final class WeatherToesRule implements PieceRule {
    private static final Parameter MAJOR = new Parameter("major-below", 12, "°C");
    private static final Parameter STOP = new Parameter("stop-below", 6, "°C");
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.toes",
                    "Summer shoes in the cold",
                    "Bare toes are the first thing to get cold, and they look it; rope soles belong to the same days.",
                    MAJOR,
                    STOP)
            .that(RuleTrait.READS_WEATHER);
    /** Around the limit between nothing and major a degree either way is minor: no verdict hangs on one degree. */
    private static final double RAMP_C = 1;

    record OpenToes(double lowC, double limitC) {}

    record SummerShoes(double lowC, double limitC) {}

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
        boolean open = worn.piece().toe() == Toe.OPEN;
        if (!context.isOutdoors() || !open && !worn.piece().is(Trait.SUMMER_SHOE)) {
            return Optional.empty();
        }
        double low = context.weather().lowC();
        double major = context.value(this, MAJOR);
        double stop = context.value(this, STOP);
        double limit = low < stop ? stop : major + RAMP_C;
        Record evidence = open ? new OpenToes(low, limit) : new SummerShoes(low, limit);
        if (low < stop) {
            return Result.stop(evidence);
        }
        if (low < major - RAMP_C) {
            return Result.major(evidence);
        }
        return low < major + RAMP_C ? Result.minor(evidence) : Optional.empty();
    }
}
