package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.colour.Lab;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SlotPairs;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Surface;

/** {@code colour.near-miss}: match, or differ clearly. */
public final class ColourNearMissRule implements PairRule {
    private static final Parameter MATCH = new Parameter("match-below", 2.3, "ΔE00");
    private static final Parameter BLACK_MATCH = new Parameter("black-match-below", 6, "ΔE00");
    private static final Parameter CLEAR = new Parameter("clear-from", 8, "ΔE00");
    private static final Parameter DENIM = new Parameter("denim-lightness", 15, "ΔL*");
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.near-miss",
                    "Almost a match",
                    "Two colours that nearly agree look like a match that failed; either take the same or leave a clear step.",
                    MATCH,
                    BLACK_MATCH,
                    CLEAR,
                    DENIM)
            .from(
                    "2.3 is the just noticeable difference of M. Mahy et al., 1994, doi:10.1002/col.5080190207; the rest is our choice.");
    private static final double NEAR_BLACK_L = 20;
    private static final double NEAR_BLACK_CHROMA = 5;

    record AlmostAMatch(double deltaE, double clear) {}

    record DenimOnDenim(double deltaL, double wanted) {}

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
        Piece a = inner.piece();
        Piece b = outer.piece();
        if (!a.isSolid() || !b.isSolid() || a.sharesSetWith(b)) {
            return Optional.empty();
        }
        Surface surfaceA = a.cloth().surface();
        Surface surfaceB = b.cloth().surface();
        if (surfaceA == Surface.DENIM && surfaceB == Surface.DENIM) {
            double deltaL = Math.abs(a.dominant().l() - b.dominant().l());
            double wanted = context.value(this, DENIM);
            return deltaL < wanted ? Result.minor(new DenimOnDenim(deltaL, wanted)) : Optional.empty();
        }
        double deltaE = a.colourDifference(b);
        double clear = context.value(this, CLEAR);
        boolean blacks = isNearBlack(a.dominant()) && isNearBlack(b.dominant());
        double match = context.value(this, blacks ? BLACK_MATCH : MATCH);
        if (deltaE <= match || deltaE >= clear) {
            return Optional.empty();
        }
        return isToneOnTone(a, b) ? Optional.empty() : Result.major(new AlmostAMatch(deltaE, clear));
    }

    /** In two surfaces a near match is chosen: a knit over a weave, a rough cloth beside a smooth one. */
    private static boolean isToneOnTone(Piece a, Piece b) {
        return a.cloth().surface() != b.cloth().surface()
                || !a.get(Attribute.TEXTURE).equals(b.get(Attribute.TEXTURE))
                || !a.get(Attribute.SHEEN).equals(b.get(Attribute.SHEEN));
    }

    private static boolean isNearBlack(Lab colour) {
        return colour.l() <= NEAR_BLACK_L && colour.chroma() <= NEAR_BLACK_CHROMA;
    }
}
