package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Setting;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Scope;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.TradeTerms;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Cloth;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/**
 * {@code layer.enough}: one jumper, one jacket, at most two denims.
 *
 * <p>On the quay in frost two plain jackets are worn over each other; that it is cold enough for both is left to the rules about warmth.
 */
public final class LayerEnoughRule implements PairRule, WholeRule {
    private static final Parameter DENIMS = new Parameter("most-denims", 2, "pieces of denim");
    private static final Set<Slot> READS = EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.MID, Slot.JACKET);
    private static final RuleInfo INFO = RuleInfo.of(
                    "layer.enough",
                    "One of a kind is enough",
                    "One jumper, one jacket, two pieces of denim at most: a second of the same adds bulk and says nothing new.",
                    DENIMS)
            .reading(READS);
    private static final Set<Sign> DENIM =
            EnumSet.of(Sign.DENIM_TOP, Sign.DENIM_LEGS, Sign.DENIM_MID, Sign.DENIM_JACKET);
    private static final Set<Sign> SEEN = EnumSet.of(
            Sign.DENIM_TOP,
            Sign.DENIM_LEGS,
            Sign.DENIM_MID,
            Sign.DENIM_JACKET,
            Sign.JUMPER_TOP,
            Sign.KNIT_OVER,
            Sign.JACKET_WORN);

    record TwoJumpers() {}

    record WaistcoatOver() {}

    record CardiganOverJumper() {}

    record TwoJackets() {}

    record LeatherUnderCoat() {}

    record TooMuchDenim(int denims, double most) {}

    record TwoKnitsAndAJacket() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Scope scope() {
        return Scope.PAIR;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return outer == Slot.MID && (inner == Slot.TOP || inner == Slot.ONEPIECE)
                || inner == Slot.MID && outer == Slot.JACKET
                || inner == Slot.JACKET && outer == Slot.COAT;
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        return switch (outer.slot()) {
            case MID -> over(inner, outer.piece());
            case JACKET -> jackets(inner.piece(), outer.piece(), context);
            default -> inner.piece().is(Trait.LEATHER_JACKET) ? Result.major(new LeatherUnderCoat()) : Optional.empty();
        };
    }

    private static Optional<Result> over(Worn inner, Piece mid) {
        Piece beneath = inner.piece();
        boolean dress = inner.slot() == Slot.ONEPIECE;
        boolean knitDress = dress && beneath.isKnit();
        boolean jumperBeneath = !dress && TradeTerms.isJumper(beneath);
        boolean pulledOver = TradeTerms.isJumper(mid) || mid.is(Trait.HOODED_TOP);
        boolean rollUnderCrew = TradeTerms.isCloseRollNeck(beneath) && !mid.is(Trait.ROLL_NECK);
        if (pulledOver && (knitDress || jumperBeneath && !rollUnderCrew)) {
            return Result.major(new TwoJumpers());
        }
        boolean twinset = beneath.sharesSetWith(mid);
        if (jumperBeneath && mid.is(Trait.CARDIGAN) && !twinset && !TradeTerms.isCloseRollNeck(beneath)) {
            return Result.major(new CardiganOverJumper());
        }
        boolean waistcoat = mid.is(Trait.WAISTCOAT) && (jumperBeneath || dress);
        return waistcoat ? Result.major(new WaistcoatOver()) : Optional.empty();
    }

    private static Optional<Result> jackets(Piece mid, Piece jacket, JudgementContext context) {
        if (!mid.is(Trait.JACKET_BY_ANOTHER_NAME)) {
            return Optional.empty();
        }
        boolean plain = mid.isSolid() && jacket.isSolid() && !TradeTerms.isTailoredJacket(jacket);
        return context.occasion().setting() == Setting.ROUGH && plain
                ? Optional.empty()
                : Result.major(new TwoJackets());
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.piece().cloth() == Cloth.DENIM || worn.piece().isKnit();
    }

    /** What is put on over it can only be one too many. */
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
        double most = context.value(this, DENIMS);
        return summary -> {
            int denims = Long.bitCount(summary.among(DENIM));
            if (denims > most) {
                return Result.major(new TooMuchDenim(denims, most));
            }
            boolean three =
                    summary.has(Sign.JUMPER_TOP) && summary.has(Sign.KNIT_OVER) && summary.has(Sign.JACKET_WORN);
            return three ? Result.major(new TwoKnitsAndAJacket()) : Optional.empty();
        };
    }
}
