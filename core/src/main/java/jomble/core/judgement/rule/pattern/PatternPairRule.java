package jomble.core.judgement.rule.pattern;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.SlotPairs;
import jomble.core.outfit.Worn;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Pattern;
import jomble.core.piece.PatternScale;
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
                    SHARE)
            .that(RuleTrait.MAY_CREDIT);

    private static final Set<Pattern> PRINTS =
            EnumSet.of(Pattern.FLORAL, Pattern.ANIMAL, Pattern.PAISLEY, Pattern.GEOMETRIC, Pattern.ABSTRACT);
    private static final Set<Pattern> CHECKS =
            EnumSet.of(Pattern.CHECK, Pattern.WINDOWPANE, Pattern.GLEN_CHECK, Pattern.HOUNDSTOOTH);

    record TwoPrints() {}

    record PatternOverPattern() {}

    record PrintAboveCheck() {}

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
    public boolean covers(Slot inner, Slot outer) {
        return SlotPairs.isMain(inner, outer);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Piece a = inner.piece();
        Piece b = outer.piece();
        if (!a.isPatterned() || !b.isPatterned() || a.sharesSetWith(b)) {
            return Optional.empty();
        }
        Optional<Result> layered = layered(inner, outer);
        if (layered.isPresent()) {
            return layered;
        }
        boolean sameScale = a.patternScale() == b.patternScale();
        String scale = a.patternScale() == null ? "one" : a.patternScale().words();
        if (sameScale && a.pattern().isStriped() && b.pattern().isStriped()) {
            return Result.stop(new StripeOnStripe(scale));
        }
        double nearest = nearestColours(a, b, context.value(this, SHARE));
        double limit = context.value(this, SHARED);
        boolean shared = nearest <= limit || a.colourFamily() == b.colourFamily();
        if (shared) {
            return sameScale ? Result.minor(new SameScale(scale, nearest)) : Result.credit(new WellMixed(nearest));
        }
        return sameScale
                ? Result.major(new NeitherScaleNorColour(scale, nearest))
                : Result.minor(new NoSharedColour(nearest, limit));
    }

    /** What no scale and no colour makes good: patterns in layers, two prints, a print above a check. */
    private static Optional<Result> layered(Worn inner, Worn outer) {
        Pattern first = inner.piece().pattern();
        Pattern second = outer.piece().pattern();
        if (PRINTS.contains(first) && PRINTS.contains(second)) {
            return Result.major(new TwoPrints());
        }
        boolean overlaid = (inner.slot() == Slot.TOP || inner.slot() == Slot.ONEPIECE || inner.slot() == Slot.MID)
                && (outer.slot() == Slot.MID || outer.slot() == Slot.JACKET);
        boolean fine = isFine(inner.piece()) || isFine(outer.piece());
        if (overlaid && !fine) {
            return Result.major(new PatternOverPattern());
        }
        boolean printAboveCheck = inner.slot() == Slot.TOP
                        && outer.slot() == Slot.BOTTOM
                        && (PRINTS.contains(first) || first == Pattern.DOT)
                        && CHECKS.contains(second)
                || inner.slot() == Slot.BOTTOM && CHECKS.contains(first) && PRINTS.contains(second);
        return printAboveCheck ? Result.major(new PrintAboveCheck()) : Optional.empty();
    }

    /** A pattern so small that it reads as the grain of the cloth. */
    private static boolean isFine(Piece piece) {
        return piece.patternScale() == PatternScale.MICRO;
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
