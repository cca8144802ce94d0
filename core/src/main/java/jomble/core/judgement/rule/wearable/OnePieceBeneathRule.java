package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Scope;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Worn;
import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Opening;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/**
 * {@code onepiece.beneath}: what is made to be worn over a top has one, and what is beneath a one-piece is made to be worn there and
 * shows.
 *
 * <p>The second part is ours: nobody wears a cardigan or a skirt beneath a dress, and a top that a dress hides makes no outfit of its
 * own. It looks at two pieces; the first looks at an empty slot as well.
 */
public final class OnePieceBeneathRule implements PairRule, WholeRule {
    private static final Set<Slot> READS = EnumSet.of(Slot.TOP, Slot.ONEPIECE, Slot.MID, Slot.JACKET);
    private static final RuleInfo INFO = RuleInfo.of(
                    "onepiece.beneath",
                    "What goes beneath a one-piece",
                    "Dungarees and pinafores are cut to be worn over something, and a dress over a close top or trousers that show;"
                            + " a strappy dress gains by a layer over it.")
            .reading(READS)
            .that(RuleTrait.READS_FINISHES, RuleTrait.MAY_CREDIT);
    private static final Set<Shape> SLIM = EnumSet.of(Shape.SKINNY, Shape.SLIM);
    private static final int KNEE_PERMILLE = 285;
    private static final Set<Shape> NARROW = EnumSet.of(Shape.PENCIL, Shape.TRUMPET);
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.OVERDRESS, Sign.TOP_WORN, Sign.STRAPPY_DRESS, Sign.LAYER_OVER);

    record NeedsATop() {}

    record LayerOverStraps() {}

    record NeverBeneath() {}

    record HiddenBeneath() {}

    record Bunches() {}

    record WideLegsBeneath() {}

    record NoDressForTrousers() {}

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
        return outer == Slot.ONEPIECE && (inner == Slot.TOP || inner == Slot.BOTTOM);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        return inner.slot() == Slot.TOP
                ? topBeneath(inner.piece(), outer)
                : bottomBeneath(inner.piece(), outer.piece());
    }

    private static Optional<Result> topBeneath(Piece top, Worn onepiece) {
        if (top.kind().family() != Family.TOP && top.kind().family() != Family.BASE_LAYER) {
            return Result.stop(new NeverBeneath());
        }
        if (onepiece.is(Finish.OPEN) || onepiece.piece().is(Trait.OVERDRESS)) {
            return Optional.empty();
        }
        if (!showsAbove(top, onepiece.piece())) {
            return Result.stop(new HiddenBeneath());
        }
        boolean wrapped = onepiece.piece().opening() == Opening.WRAP && sleeve(onepiece.piece()) > 0;
        boolean close = onepiece.piece().fit() == Fit.CLOSE || wrapped;
        return close && top.fit() != Fit.CLOSE ? Result.stop(new Bunches()) : Optional.empty();
    }

    /** Trousers go under a dress with room at the hem; a swimsuit goes under anything. */
    private static Optional<Result> bottomBeneath(Piece bottom, Piece onepiece) {
        if (onepiece.is(Trait.SWIMSUIT)) {
            return Optional.empty();
        }
        boolean trousers =
                bottom.kind().family() == Family.BOTTOM && !bottom.kind().isSkirt();
        boolean fits = !NARROW.contains(onepiece.shape()) || bottom.shape() == Shape.SKINNY;
        if (!trousers || !onepiece.kind().isDress() || !fits) {
            return Result.stop(new NeverBeneath());
        }
        if (!showsBelow(bottom, onepiece)) {
            return Result.stop(new HiddenBeneath());
        }
        if (!SLIM.contains(bottom.shape())) {
            return Result.major(new WideLegsBeneath());
        }
        boolean belowKnee = onepiece.hem() != null && onepiece.hem().landmark().meanPermille() < KNEE_PERMILLE;
        return belowKnee || onepiece.shape() == Shape.WRAP || onepiece.shape() == Shape.PENCIL
                ? Result.major(new NoDressForTrousers())
                : Optional.empty();
    }

    private static boolean showsAbove(Piece top, Piece over) {
        boolean unknown = top.neckline() == null || over.neckline() == null;
        return unknown || top.neckline().isHigherThan(over.neckline()) || sleeve(top) > sleeve(over);
    }

    private static double sleeve(Piece piece) {
        return piece.sleeve() == null ? 0 : piece.sleeve().coverFraction();
    }

    private static boolean showsBelow(Piece bottom, Piece over) {
        boolean unknown = bottom.hem() == null || over.hem() == null;
        return unknown
                || bottom.hem().landmark().meanPermille()
                        < over.hem().landmark().meanPermille();
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot() == Slot.ONEPIECE;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return OnePieceBeneathRule::judge;
    }

    private static Optional<Result> judge(Summary summary) {
        if (summary.has(Sign.OVERDRESS)) {
            return summary.has(Sign.TOP_WORN) ? Optional.empty() : Result.stop(new NeedsATop());
        }
        return summary.has(Sign.STRAPPY_DRESS) && summary.has(Sign.LAYER_OVER)
                ? Result.credit(new LayerOverStraps())
                : Optional.empty();
    }
}
