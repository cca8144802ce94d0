package jomble.core.judgement.rule.pattern;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Show;
import jomble.core.piece.Slot;

/** {@code focus.one}: one thing asks to be looked at. */
public final class FocusOneRule implements WholeRule {
    private static final Parameter MINOR = new Parameter("minor-from", 2, "statement pieces");
    private static final Parameter MAJOR = new Parameter("major-from", 3, "statement pieces");
    private static final Set<Slot> READS = EnumSet.complementOf(EnumSet.of(Slot.BASE, Slot.UNDERSKIRT));
    private static final RuleInfo INFO = RuleInfo.of(
                    "focus.one",
                    "One statement",
                    "One piece leads and the others follow; two statements share the eye, three scatter it.",
                    MINOR,
                    MAJOR)
            .reading(READS);
    private static final Set<Sign> SEEN = EnumSet.of(Sign.STATEMENT_NECKLACE, Sign.STATEMENT_EARRINGS);

    record StatementsCompete(int statements) {}

    record NecklaceAndEarrings() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean isTouchedBy(Worn worn, Structure structure) {
        return speaksOf(worn, null);
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return READS.contains(worn.slot())
                && worn.pieces().stream().anyMatch(piece -> piece.get(Attribute.SHOW) == Show.STATEMENT);
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN) << 2 | summary.statements();
    }

    @Override
    public Check prepare(JudgementContext context) {
        double minor = context.value(this, MINOR);
        double major = context.value(this, MAJOR);
        return summary -> {
            if (summary.has(Sign.STATEMENT_NECKLACE) && summary.has(Sign.STATEMENT_EARRINGS)) {
                return Result.major(new NecklaceAndEarrings());
            }
            int statements = summary.statements();
            if (statements >= major) {
                return Result.major(new StatementsCompete(statements));
            }
            return statements >= minor ? Result.minor(new StatementsCompete(statements)) : Optional.empty();
        };
    }
}
