package jomble.core.judgement.rule.wearable;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Keys;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code structure}: the outfit must form one of the structures. */
public final class StructureRule implements WholeRule {
    private static final Set<Slot> READS =
            EnumSet.of(Slot.BASE, Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.UNDERSKIRT, Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "structure",
                    "An outfit stands on its own",
                    "Without a top and a bottom, or a one-piece, or a drape with what goes under it, and shoes, nobody is dressed.")
            .reading(READS)
            .that(RuleTrait.ONLY_STOPS);

    private static final int READ_MASK =
            READS.stream().mapToInt(slot -> 1 << slot.ordinal()).sum();

    record Missing(String slots, String structure) {}

    record Collides(String slots, String structure) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return Keys.of(summary.filledSlots() & READ_MASK, summary.collidingSlots());
    }

    @Override
    public Check prepare(JudgementContext context) {
        return StructureRule::judge;
    }

    private static Optional<Result> judge(Summary summary) {
        String structure = summary.structure().words();
        if (summary.missingSlots() != 0) {
            return Result.stop(new Missing(names(summary.missingSlots()), structure));
        }
        if (summary.collidingSlots() != 0) {
            return Result.stop(new Collides(names(summary.collidingSlots()), structure));
        }
        return Optional.empty();
    }

    private static String names(int mask) {
        List<String> names = new ArrayList<>();
        for (Slot slot : Slot.values()) {
            if ((mask & 1 << slot.ordinal()) != 0) {
                names.add(slot.words());
            }
        }
        return String.join(" and ", names);
    }
}
