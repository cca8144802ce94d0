package jomble.core.judgement.rule.weather;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SlotPairs;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code season.cloth}: cloths of one outfit belong to neighbouring seasons. */
public final class SeasonClothRule implements PairRule {
    private static final Parameter STOP = new Parameter("stop", 2, "seasons apart");
    private static final RuleInfo INFO = RuleInfo.of(
            "season.cloth",
            "Cloths of one season",
            "High-summer linen beside deep-winter flannel looks like an accident, and one of the two is always wrong for the day.",
            STOP);

    record SeasonsApart(int distance, String clothA, String clothB) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return SlotPairs.isMain(inner, outer);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        int distance = inner.piece().seasons().distance(outer.piece().seasons());
        if (distance == 0) {
            return Optional.empty();
        }
        SeasonsApart evidence = new SeasonsApart(distance, cloth(inner.piece()), cloth(outer.piece()));
        if (distance >= context.value(this, STOP)) {
            return Result.stop(evidence);
        }
        boolean tailored = inner.slot() == Slot.BOTTOM && outer.slot() == Slot.JACKET;
        return tailored ? Result.major(evidence) : Result.minor(evidence);
    }

    private static String cloth(Piece piece) {
        return piece.cloth().words();
    }
}
