package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.DressCode;
import jomble.core.brief.Occasion;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code layer.sheer}: a sheer top or one-piece has something opaque beneath. */
public final class LayerSheerRule implements WholeRule {
    private static final Set<Slot> READS = EnumSet.of(Slot.BASE, Slot.TOP, Slot.ONEPIECE);
    private static final RuleInfo INFO = RuleInfo.of(
                    "layer.sheer",
                    "Nothing shows through",
                    "What lets the light through needs an opaque layer beneath; at work and where the dress code says so there is no question.")
            .reading(READS);
    private static final Set<Sign> SEEN = EnumSet.of(Sign.SHEER_OUTER, Sign.OPAQUE_BENEATH);

    record ShowsThrough(String where) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN);
    }

    @Override
    public Check prepare(JudgementContext context) {
        Occasion occasion = context.occasion();
        boolean strict = occasion.work() || occasion.requires(DressCode.NO_SHEER);
        return summary -> {
            boolean shows = summary.has(Sign.SHEER_OUTER) && !summary.has(Sign.OPAQUE_BENEATH);
            if (!shows) {
                return Optional.empty();
            }
            return strict
                    ? Result.stop(new ShowsThrough(occasion.name()))
                    : Result.major(new ShowsThrough(occasion.name()));
        };
    }
}
