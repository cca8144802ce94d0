package jomble.core.counting.compiled;

import java.util.List;
import java.util.Optional;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;

/** A whole-outfit rule prepared for one context. */
public record ReadyCheck(WholeRule rule, WholeRule.Check check, RuleBits bits) {
    public boolean isTouchedBy(Option option, Structure structure) {
        return rule.isTouchedBy(option.ways().get(0), structure);
    }

    /** Judges an outfit by its measures. */
    public Penalties judge(Summary summary) {
        Optional<Result> result = check.judge(summary);
        return result.isEmpty()
                ? Penalties.NONE
                : Penalties.NONE.plus(result.get().kind(), bits);
    }

    /** The same rule, returning the mildest finding over several contexts. */
    ReadyCheck mildestOf(List<WholeRule.Check> several) {
        return new ReadyCheck(rule, summary -> mildest(several, summary), bits);
    }

    private static Optional<Result> mildest(List<WholeRule.Check> several, Summary summary) {
        Optional<Result> best = several.get(0).judge(summary);
        for (int i = 1; i < several.size() && best.isPresent(); i++) {
            Optional<Result> next = several.get(i).judge(summary);
            boolean milder =
                    next.isEmpty() || next.get().kind().compareTo(best.get().kind()) < 0;
            best = milder ? next : best;
        }
        return best;
    }
}
