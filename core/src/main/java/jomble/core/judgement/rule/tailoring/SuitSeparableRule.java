package jomble.core.judgement.rule.tailoring;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Tailoring;
import jomble.core.outfit.Worn;
import jomble.core.piece.Breasted;
import jomble.core.piece.Cloth;
import jomble.core.piece.Construction;
import jomble.core.piece.Fibre;
import jomble.core.piece.Lapel;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.Pockets;
import jomble.core.piece.Slot;
import jomble.core.piece.Structure;

/** {@code suit.separable}: whether the parts of a broken suit can stand apart. */
public final class SuitSeparableRule implements PairRule {
    public static final Parameter STOP = new Parameter("stop", 1, "score");
    public static final Parameter MAJOR = new Parameter("major", 3, "score");
    public static final Parameter MINOR = new Parameter("minor", 4, "score");
    private static final RuleInfo INFO = RuleInfo.of(
                    "suit.separable",
                    "Can the suit be broken?",
                    "Soft shoulders, patch pockets and a textured cloth let a jacket pass for an odd one; stripes, peak lapels and smooth worsted give the missing half away.",
                    STOP,
                    MAJOR,
                    MINOR)
            .with(SchoolSwitch.TAILORING);
    private static final Set<Cloth> CASUAL = EnumSet.of(
            Cloth.FLANNEL,
            Cloth.TWEED,
            Cloth.LINEN,
            Cloth.CORDUROY,
            Cloth.JERSEY,
            Cloth.DENIM,
            Cloth.CANVAS,
            Cloth.SEERSUCKER);
    private static final Set<Pattern> SPORTING =
            EnumSet.of(Pattern.WINDOWPANE, Pattern.HOUNDSTOOTH, Pattern.HERRINGBONE, Pattern.FLECK);
    private static final double SAME_CLOTH = 2.3;

    record Separability(int score, int jacketScore, int bottomScore) {}

    record SuitsStaySuits() {}

    record SuitJacketOverDress(int score) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return (inner == Slot.BOTTOM || inner == Slot.ONEPIECE) && outer == Slot.JACKET;
    }

    @Override
    public Optional<Result> judge(Worn bottom, Worn jacket, JudgementContext context) {
        if (bottom.slot() == Slot.ONEPIECE) {
            return overADress(bottom, jacket, context);
        }
        if (!Tailoring.isBroken(jacket, bottom, context)) {
            return Optional.empty();
        }
        if (context.schools().holds(SchoolSwitch.TAILORING, "strict")) {
            return isSameCloth(jacket.piece(), bottom.piece()) ? Optional.empty() : Result.stop(new SuitsStaySuits());
        }
        int jacketScore = jacketScore(jacket.piece());
        int bottomScore = bottomScore(bottom.piece());
        int score = separability(jacket.piece(), bottom.piece());
        FindingKind kind = kind(score, context);
        boolean free = context.schools().holds(SchoolSwitch.TAILORING, "free");
        return Result.of(
                free && kind != null ? FindingKind.MINOR : kind, new Separability(score, jacketScore, bottomScore));
    }

    /** Over a dress a suit jacket passes for an odd one, or does not. */
    private Optional<Result> overADress(Worn dress, Worn jacket, JudgementContext context) {
        boolean ofSuit = context.isOfSuit(jacket.piece()) && !jacket.piece().sharesSetWith(dress.piece());
        int score = jacketScore(jacket.piece());
        FindingKind kind = ofSuit ? kind(score, context) : null;
        boolean free = context.schools().holds(SchoolSwitch.TAILORING, "free");
        return Result.of(free && kind != null ? FindingKind.MINOR : kind, new SuitJacketOverDress(score));
    }

    private FindingKind kind(int score, JudgementContext context) {
        if (score <= context.value(this, STOP)) {
            return FindingKind.STOP;
        }
        if (score <= context.value(this, MAJOR)) {
            return FindingKind.MAJOR;
        }
        return score <= context.value(this, MINOR) ? FindingKind.MINOR : null;
    }

    /** How well the parts of a broken suit stand apart, 0..10: as well as the one that does so less. */
    public static int separability(Piece jacket, Piece bottom) {
        return Math.min(jacketScore(jacket), bottomScore(bottom));
    }

    /** How well a jacket passes for an odd one, 0..10. */
    static int jacketScore(Piece jacket) {
        Construction made = jacket.construction();
        int score = 5;
        score += made.pockets() == Pockets.PATCH ? 2 : 0;
        score += structureScore(made.structure());
        score += made.lapel() == Lapel.PEAK ? -2 : made.lapel() == Lapel.SHAWL ? -3 : 0;
        score += made.breasted() == Breasted.DOUBLE ? -2 : 0;
        score += jacket.pattern().isTailoringStripe() ? -4 : 0;
        score += jacket.isSolid() && jacket.cloth() == Cloth.WORSTED ? -1 : 0;
        score += jacket.pattern() == Pattern.GLEN_CHECK ? -2 : 0;
        score += SPORTING.contains(jacket.pattern()) ? 1 : 0;
        score += isCasualCloth(jacket) ? 2 : 0;
        return Math.max(0, Math.min(10, score));
    }

    private static int structureScore(Structure structure) {
        if (structure == null) {
            return 0;
        }
        return switch (structure) {
            case SOFT -> 2;
            case HALF_STRUCTURED -> 1;
            case STRUCTURED -> -2;
        };
    }

    static boolean isCasualCloth(Piece piece) {
        return CASUAL.contains(piece.cloth())
                || piece.percentOf(Fibre.COTTON) >= 50
                || piece.percentOf(Fibre.LINEN) >= 50;
    }

    private static int bottomScore(Piece bottom) {
        if (bottom.pattern().isStriped()) {
            return 1;
        }
        boolean dressy =
                bottom.cloth() == Cloth.WORSTED && bottom.construction().structure() == Structure.STRUCTURED;
        return dressy ? 4 : 7;
    }

    private static boolean isSameCloth(Piece jacket, Piece bottom) {
        return jacket.cloth() == bottom.cloth()
                && jacket.pattern() == bottom.pattern()
                && jacket.colourDifference(bottom) <= SAME_CLOTH;
    }
}
