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

/**
 * {@code weather.coat}: a coat that is not needed, because it is too warm over usual clothes even at the day's low.
 *
 * <p>The coat is judged alone: without it the outfit is warm enough, whatever else is worn.
 */
public final class WeatherCoatRule implements PieceRule {
    private static final Parameter MINOR = new Parameter("minor", 1.0, "PMV from neutral");
    private static final Parameter MAJOR = new Parameter("major", 1.5, "PMV from neutral");
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.coat",
                    "A coat the day asks for",
                    "A coat that is too warm at the coldest hour of the day is carried, not worn.",
                    MINOR,
                    MAJOR)
            .from("ISO 7730:2005 for the vote, ISO 9920:2007 for insulation; the limits are our choice.")
            .that(RuleTrait.READS_WEATHER);
    /** What is usually worn under a coat: shirt, trousers, a light knit, shoes. */
    private static final int USUAL_CENTI_CLO = 70;

    record CoatNobodyNeeds(double pmv, double lowC) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return slot == Slot.COAT;
    }

    @Override
    public Optional<Result> judge(Worn coat, JudgementContext context) {
        if (!context.isOutdoors()) {
            return Optional.empty();
        }
        double vote = Vote.walking(context.weather(), context.brief().pmvOffset())
                .at(USUAL_CENTI_CLO + coat.piece().centiClo());
        if (vote <= context.value(this, MINOR)) {
            return Optional.empty();
        }
        CoatNobodyNeeds evidence = new CoatNobodyNeeds(vote, context.weather().lowC());
        return vote > context.value(this, MAJOR) ? Result.major(evidence) : Result.minor(evidence);
    }
}
