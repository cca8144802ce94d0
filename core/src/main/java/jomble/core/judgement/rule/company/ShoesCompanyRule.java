package jomble.core.judgement.rule.company;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.Scope;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.TradeTerms;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Breasted;
import jomble.core.piece.Cloth;
import jomble.core.piece.Lapel;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code shoes.company}: what sandals, rubber boots and brown shoes are worn with. */
public final class ShoesCompanyRule implements PairRule, WholeRule {
    private static final Set<Slot> READS = EnumSet.of(Slot.MID, Slot.JACKET, Slot.SHOES);
    private static final RuleInfo INFO = RuleInfo.of(
                    "shoes.company",
                    "What goes with these shoes",
                    "Sandals do not go with winter cloth, rubber boots with tailoring, brown shoes with black tailored trousers, trainers with a double-breasted suit, or dress shoes with cargo trousers.")
            .reading(READS);
    private static final Set<Slot> ABOVE_SANDALS =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET);
    private static final Set<Sign> SEEN = EnumSet.of(Sign.SANDALS_WORN, Sign.MID_WORN, Sign.JACKET_WORN);
    private static final int COLD_CLOTH_FROM = 3;
    private static final int COLD_LAYER_FROM = 4;
    private static final double BLACK_L = 20;
    private static final double BLACK_CHROMA = 6;
    private static final double BROWN_CHROMA = 12;
    private static final double BROWN_HUE_FROM = 35;
    private static final double BROWN_HUE_TO = 95;

    record SandalsWithWinterCloth(String cloth) {}

    record SandalsWithASuit() {}

    record SandalsUnderAJumper() {}

    record SandalsUnderLayers() {}

    record RubberWithTailoring() {}

    record BrownUnderBlack() {}

    record DressShoesUnderPlay() {}

    record TrainersUnderFormalSuit() {}

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
        return outer == Slot.SHOES && ABOVE_SANDALS.contains(inner);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn shoes, JudgementContext context) {
        Piece piece = inner.piece();
        if (isSandal(shoes.piece())) {
            return sandals(inner, context);
        }
        boolean tailoring = TradeTerms.isTailoredJacket(piece)
                || piece.is(Trait.TAILORED_TROUSERS)
                || piece.is(Trait.WAISTCOAT)
                || inner.slot() == Slot.DRAPE;
        if (shoes.piece().cloth() == Cloth.RUBBER && tailoring) {
            return Result.major(new RubberWithTailoring());
        }
        if (piece.is(Trait.PLAY_TROUSERS) && shoes.piece().is(Trait.DRESS_SHOE)) {
            return Result.major(new DressShoesUnderPlay());
        }
        boolean stripedHalf =
                piece.is(Trait.TAILORED_TROUSERS) && piece.pattern().isTailoringStripe();
        if (shoes.piece().is(Trait.TRAINERS) && (isFormalSuitJacket(piece) || stripedHalf)) {
            return Result.major(new TrainersUnderFormalSuit());
        }
        boolean blackTrousers = piece.is(Trait.TAILORED_TROUSERS)
                && piece.dominant().l() <= BLACK_L
                && piece.dominant().chroma() <= BLACK_CHROMA;
        return blackTrousers && isBrownLeather(shoes.piece()) ? Result.major(new BrownUnderBlack()) : Optional.empty();
    }

    /** Double-breasted, with peak lapels, or striped: a jacket that leaves no room for ease. */
    private static boolean isFormalSuitJacket(Piece piece) {
        return TradeTerms.isTailoredJacket(piece)
                && (piece.construction().breasted() == Breasted.DOUBLE
                        || piece.construction().lapel() == Lapel.PEAK
                        || piece.construction().lapel() == Lapel.SHAWL
                        || piece.pattern().isTailoringStripe());
    }

    private static Optional<Result> sandals(Worn worn, JudgementContext context) {
        Piece piece = worn.piece();
        int limit = worn.slot() == Slot.MID ? COLD_LAYER_FROM : COLD_CLOTH_FROM;
        if (piece.seasons().from() >= limit) {
            return Result.major(new SandalsWithWinterCloth(piece.cloth().words()));
        }
        if (context.isOfSuit(piece) || piece.is(Trait.SUIT_JACKET)) {
            return Result.major(new SandalsWithASuit());
        }
        boolean highNeck = worn.slot() == Slot.TOP && piece.neckline() == Neckline.ROLL;
        if (highNeck) {
            return Result.major(new SandalsWithWinterCloth(piece.neckline().words()));
        }
        boolean jumperOver = worn.slot() == Slot.MID && TradeTerms.isJumper(piece);
        return jumperOver ? Result.major(new SandalsUnderAJumper()) : Optional.empty();
    }

    private static boolean isSandal(Piece shoes) {
        return shoes.is(Trait.SANDALS);
    }

    private static boolean isBrownLeather(Piece shoes) {
        double hue = shoes.dominant().hueDegrees();
        return shoes.cloth().isLeather()
                && hue >= BROWN_HUE_FROM
                && hue <= BROWN_HUE_TO
                && shoes.dominant().chroma() >= BROWN_CHROMA;
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
            boolean bundled =
                    summary.has(Sign.SANDALS_WORN) && summary.has(Sign.MID_WORN) && summary.has(Sign.JACKET_WORN);
            return bundled ? Result.major(new SandalsUnderLayers()) : Optional.empty();
        };
    }
}
