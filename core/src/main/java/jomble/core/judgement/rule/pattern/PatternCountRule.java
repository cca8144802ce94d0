package jomble.core.judgement.rule.pattern;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code pattern.count}: at most two patterns at once. */
public final class PatternCountRule implements WholeRule {
    private static final Parameter STOP = new Parameter("stop", 3, "patterned main pieces");
    private static final RuleInfo INFO = RuleInfo.of(
                    "pattern.count",
                    "At most two patterns",
                    "Two patterns can talk; three shout. The parts of one patterned suit count once.",
                    STOP)
            .reading(Slot.MAIN);

    record TooManyPatterns(int patterns, int most) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot().isMain() && worn.piece().isPatterned();
    }

    @Override
    public long key(Summary summary) {
        return summary.openSuiting() << 4 | summary.patterned();
    }

    @Override
    public Check prepare(JudgementContext context) {
        int stop = (int) context.value(this, STOP);
        return summary -> summary.patterned() >= stop
                ? Result.stop(new TooManyPatterns(summary.patterned(), stop - 1))
                : Optional.empty();
    }
}
