package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code dress.one-layer}: over a dress one layer. */
public final class DressLayersRule implements WholeRule {
    private static final Set<Slot> READS = EnumSet.of(Slot.TOP, Slot.ONEPIECE, Slot.MID, Slot.JACKET);
    private static final RuleInfo INFO = RuleInfo.of(
                    "dress.one-layer",
                    "Over a dress one layer",
                    "A dress takes a cardigan or a jacket, and something sleeveless beneath; with a top under it or a jacket over both it is a bundle.")
            .reading(READS);
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.DRESS_WORN, Sign.FULL_TOP_WORN, Sign.MID_WORN, Sign.TAILORED_JACKET_WORN);

    record TopAndLayer() {}

    record LayerAndJacket() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean maySoften(Worn worn, Structure structure) {
        return false;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return summary -> {
            boolean layered = summary.has(Sign.MID_WORN) || summary.has(Sign.TAILORED_JACKET_WORN);
            if (!summary.has(Sign.DRESS_WORN) || !layered) {
                return Optional.empty();
            }
            if (summary.has(Sign.FULL_TOP_WORN)) {
                return Result.major(new TopAndLayer());
            }
            return summary.has(Sign.MID_WORN) && summary.has(Sign.TAILORED_JACKET_WORN)
                    ? Result.major(new LayerAndJacket())
                    : Optional.empty();
        };
    }
}
