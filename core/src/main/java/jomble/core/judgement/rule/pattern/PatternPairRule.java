package jomble.core.judgement.rule.pattern;

import java.util.List;
import java.util.Optional;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SlotPairs;
import jomble.core.outfit.Worn;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code pattern.pair}: two patterns differ in scale and share a colour. */
public final class PatternPairRule implements PairRule {
    private static final Parameter SHARED = new Parameter("shared-within", 15, "ΔE00");
    private static final Parameter SHARE = new Parameter("least-share", 0.08, "part of the surface");
    private static final RuleInfo INFO = RuleInfo.of(
            "pattern.pair",
            "Two patterns together",
            "Patterns mix when one is clearly larger and a colour runs through both; two stripes of one width flicker.",
            SHARED,
            SHARE);

    record StripeOnStripe(String scale) {}

    record WellMixed(double deltaE) {}

    record SameScale(String scale, double deltaE) {}

    record NoSharedColour(double deltaE, double limit) {}

    record NeitherScaleNorColour(String scale, double deltaE) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean mayCredit() {
        return true;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return SlotPairs.isMain(inner, outer);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Piece a = inner.piece();
        Piece b = outer.piece();
        if (a.isSolid() || b.isSolid() || a.sharesSetWith(b)) {
            return Optional.empty();
        }
        boolean sameScale = a.patternScale() == b.patternScale();
        String scale = a.patternScale() == null ? "one" : a.patternScale().words();
        if (sameScale && a.pattern().isStriped() && b.pattern().isStriped()) {
            return Result.stop(new StripeOnStripe(scale));
        }
        double nearest = nearestColours(a, b, context.value(this, SHARE));
        double limit = context.value(this, SHARED);
        boolean shared = nearest <= limit;
        if (shared) {
            return sameScale ? Result.minor(new SameScale(scale, nearest)) : Result.credit(new WellMixed(nearest));
        }
        return sameScale
                ? Result.major(new NeitherScaleNorColour(scale, nearest))
                : Result.minor(new NoSharedColour(nearest, limit));
    }

    private static double nearestColours(Piece a, Piece b, double leastShare) {
        double nearest = Double.MAX_VALUE;
        for (Colour one : printColours(a, leastShare)) {
            for (Colour other : printColours(b, leastShare)) {
                nearest = Math.min(nearest, Ciede2000.difference(one.lab(), other.lab()));
            }
        }
        return nearest;
    }

    private static List<Colour> printColours(Piece piece, double leastShare) {
        return piece.colours().stream()
                .filter(c -> c.shareFraction() >= leastShare)
                .map(ColourShare::colour)
                .toList();
    }
}
