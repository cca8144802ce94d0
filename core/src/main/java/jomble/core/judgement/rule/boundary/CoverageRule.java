package jomble.core.judgement.rule.boundary;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Zone;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code boundary.coverage}: what the client wants covered stays covered when the outer layers come off. */
public final class CoverageRule implements WholeRule {
    private static final Set<Slot> READS = EnumSet.of(
            Slot.BASE,
            Slot.TOP,
            Slot.BOTTOM,
            Slot.ONEPIECE,
            Slot.DRAPE,
            Slot.UNDERSKIRT,
            Slot.JACKET,
            Slot.LEGWEAR,
            Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "boundary.coverage",
                    "What stays covered",
                    "Somebody who wants her shoulders covered wants them covered indoors as well; only layers that stay on count.")
            .reading(READS)
            .that(RuleTrait.ONLY_STOPS);

    record LeftUncovered(String zones) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return summary.covered();
    }

    @Override
    public Check prepare(JudgementContext context) {
        List<Zone> wanted = context.brief().boundaries().coverage();
        return wanted.isEmpty() ? Check.SILENT : summary -> judge(summary, wanted);
    }

    private static Optional<Result> judge(Summary summary, List<Zone> wanted) {
        List<String> bare = new ArrayList<>();
        for (Zone zone : wanted) {
            if (!summary.covers(zone)) {
                bare.add(zone.words());
            }
        }
        return bare.isEmpty() ? Optional.empty() : Result.stop(new LeftUncovered(String.join(", ", bare)));
    }
}
