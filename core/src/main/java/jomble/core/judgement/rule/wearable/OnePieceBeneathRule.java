package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Signs;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code onepiece.beneath}: what is made to be worn over a top has one. */
public final class OnePieceBeneathRule implements WholeRule {
    private static final RuleInfo INFO = RuleInfo.of(
            "onepiece.beneath",
            "A top beneath",
            "Dungarees and pinafores are cut to be worn over something; a strappy dress gains by a layer over it.");
    private static final Set<Slot> READS = EnumSet.of(Slot.TOP, Slot.ONEPIECE, Slot.MID, Slot.JACKET);
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.OVERDRESS, Sign.TOP_WORN, Sign.STRAPPY_DRESS, Sign.LAYER_OVER);

    record NeedsATop() {}

    record LayerOverStraps() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Set<Slot> reads() {
        return READS;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot() == Slot.ONEPIECE;
    }

    @Override
    public long key(Summary summary) {
        return summary.signs().among(SEEN);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return OnePieceBeneathRule::judge;
    }

    private static Optional<Result> judge(Summary summary) {
        Signs signs = summary.signs();
        if (signs.has(Sign.OVERDRESS)) {
            return signs.has(Sign.TOP_WORN) ? Optional.empty() : Result.stop(new NeedsATop());
        }
        return signs.has(Sign.STRAPPY_DRESS) && signs.has(Sign.LAYER_OVER)
                ? Result.credit(new LayerOverStraps())
                : Optional.empty();
    }
}
