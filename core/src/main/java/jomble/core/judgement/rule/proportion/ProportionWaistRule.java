package jomble.core.judgement.rule.proportion;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Detail;
import jomble.core.piece.Finish;
import jomble.core.piece.Hem;
import jomble.core.piece.Piece;
import jomble.core.piece.Rise;
import jomble.core.piece.Shape;
import jomble.core.piece.Slot;

/** {@code proportion.waist}: a waist worth showing is not hung over. */
public final class ProportionWaistRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "proportion.waist",
                    "A waist that hides",
                    "A high or gathered waist is cut to be seen; a top that hangs to the hip over it adds bulk where the cut took it away.")
            .that(RuleTrait.READS_FINISHES);
    private static final Set<Hem> REACHES_THE_HIP = EnumSet.of(Hem.HIP, Hem.LOW_HIP, Hem.UPPER_THIGH, Hem.MID_THIGH);

    record WaistHidden(String hem) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.TOP && outer == Slot.BOTTOM;
    }

    @Override
    public Optional<Result> judge(Worn top, Worn bottom, JudgementContext context) {
        Piece below = bottom.piece();
        boolean highSkirt = below.rise() == Rise.HIGH && below.kind().isSkirt();
        boolean shaped = highSkirt || below.has(Detail.PLEATED_WAIST) || below.has(Detail.PAPER_BAG_WAIST);
        boolean hangs =
                top.is(Finish.UNTUCKED) && REACHES_THE_HIP.contains(top.piece().hem());
        if (hangs && below.shape() == Shape.PENCIL && below.kind().isSkirt()) {
            return Result.major(new WaistHidden(top.piece().hem().words()));
        }
        return shaped && hangs ? Result.minor(new WaistHidden(top.piece().hem().words())) : Optional.empty();
    }
}
