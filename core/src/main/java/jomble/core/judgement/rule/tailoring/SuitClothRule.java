package jomble.core.judgement.rule.tailoring;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Tailoring;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Cloth;
import jomble.core.piece.Slot;

/** {@code suit.cloth}: the halves of a broken suit are cloths that are worn together. */
public final class SuitClothRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
            "suit.cloth",
            "Cloths of a broken suit",
            "Smooth worsted over linen or tweed looks borrowed; cloths of one family look chosen. A sporting jacket is an odd jacket and takes any cloth but its own.");
    private static final int SPORTING = 7;
    private static final Set<Cloth> ONLY_AS_A_SUIT = EnumSet.of(Cloth.TWEED, Cloth.CORDUROY);
    private static final Set<Cloth> SMOOTH = EnumSet.of(Cloth.WORSTED, Cloth.CREPE, Cloth.SATIN, Cloth.TWILL);
    private static final Set<Cloth> RUSTIC = EnumSet.of(Cloth.LINEN, Cloth.CORDUROY, Cloth.TWEED, Cloth.SEERSUCKER);

    record TweedOnTweed(String cloth) {}

    record ClothsApart(String jacketCloth, String bottomCloth) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.BOTTOM && outer == Slot.JACKET;
    }

    @Override
    public Optional<Result> judge(Worn bottom, Worn jacket, JudgementContext context) {
        boolean sameRough = TradeTerms.isTailoredJacket(jacket.piece())
                && jacket.piece().cloth() == bottom.piece().cloth()
                && ONLY_AS_A_SUIT.contains(jacket.piece().cloth());
        if (sameRough && !jacket.piece().sharesSetWith(bottom.piece())) {
            return Result.major(new TweedOnTweed(jacket.piece().cloth().words()));
        }
        if (!Tailoring.isBroken(jacket, bottom, context) || SuitSeparableRule.jacketScore(jacket.piece()) >= SPORTING) {
            return Optional.empty();
        }
        Cloth above = jacket.piece().cloth();
        Cloth below = bottom.piece().cloth();
        if (above == below) {
            return Optional.empty();
        }
        ClothsApart evidence = new ClothsApart(above.words(), below.words());
        boolean woollen = pair(above, below, Set.of(Cloth.WORSTED), Set.of(Cloth.FLANNEL));
        if (woollen) {
            return Result.minor(evidence);
        }
        return pair(above, below, SMOOTH, RUSTIC) ? Result.major(evidence) : Optional.empty();
    }

    private static boolean pair(Cloth a, Cloth b, Set<Cloth> some, Set<Cloth> others) {
        return some.contains(a) && others.contains(b) || some.contains(b) && others.contains(a);
    }
}
