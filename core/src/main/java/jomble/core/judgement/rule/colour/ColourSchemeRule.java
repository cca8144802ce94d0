package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.colour.ColourScheme;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code colour.scheme}: names what the colours are to each other, and never holds it against an outfit. */
public final class ColourSchemeRule implements WholeRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.scheme",
                    "The colour scheme",
                    "A scheme with a name is easy to repeat; clients remember 'neutrals and one accent' longer than a list of pieces.")
            .reading(Slot.MAIN)
            .that(RuleTrait.NEVER_FAULTS);

    record Named(String scheme) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot().isMain();
    }

    @Override
    public long key(Summary summary) {
        return summary.families();
    }

    @Override
    public Check prepare(JudgementContext context) {
        return summary -> {
            ColourScheme scheme = ColourScheme.of(summary.families());
            boolean worn = summary.mains() > 0;
            return worn && scheme != ColourScheme.SEVERAL_HUES
                    ? Result.credit(new Named(scheme.words()))
                    : Optional.empty();
        };
    }
}
