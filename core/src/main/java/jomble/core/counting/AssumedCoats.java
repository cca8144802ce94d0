package jomble.core.counting;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import jomble.core.brief.Coats;
import jomble.core.judgement.JudgementContext;

/** How many combinations want a coat that is not recorded. */
public final class AssumedCoats {
    private AssumedCoats() {}

    /**
     * The part of a total that works only under an assumed coat; empty where none is assumed in any context.
     *
     * @param total of the question, with the coats it assumes
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    public static Optional<BigInteger> of(
            Counter counter, CountQuestion question, BigInteger total, Progress progress) {
        if (question.contexts().stream().allMatch(context -> context.assumedCentiClo() == 0)) {
            return Optional.empty();
        }
        List<JudgementContext> recorded = question.contexts().stream()
                .map(context -> context.with(context.brief().with(Coats.RECORDED)))
                .toList();
        return Optional.of(
                total.subtract(counter.totals(question.in(recorded), progress).total()));
    }
}
