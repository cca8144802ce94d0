package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.ColourFamily;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.SlotPairs;
import jomble.core.outfit.Worn;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code colour.print}: what is worn with a print comes out of the print, or is neutral. */
public final class ColourPrintRule implements PairRule {
    private static final Parameter NEAR = new Parameter("near", 20, "ΔE00");
    private static final Parameter PULLED = new Parameter("pulled", 10, "ΔE00");
    private static final Parameter SEEN = new Parameter("seen-from", 0.08, "share of the print");
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.print",
                    "Beside a print",
                    "A plain piece beside a print takes up one of its colours, or stays neutral; any other colour is one too many.",
                    NEAR,
                    PULLED,
                    SEEN)
            .that(RuleTrait.MAY_CREDIT);

    record StrangeToThePrint(double deltaE, double limit) {}

    record PulledFromThePrint(double deltaE) {}

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
        if (a.isPatterned() == b.isPatterned()) {
            return Optional.empty();
        }
        Piece print = a.isPatterned() ? a : b;
        Piece plain = a.isPatterned() ? b : a;
        boolean festive = inner.slot() == Slot.TOP
                && outer.slot() == Slot.DRAPE
                && inner.piece().is(Trait.FITTED_BLOUSE);
        if (festive || plain.colourFamily().isNeutral()) {
            return Optional.empty();
        }
        double nearest = Double.MAX_VALUE;
        for (ColourShare colour : print.colours()) {
            if (colour.shareFraction() >= context.value(this, SEEN)) {
                nearest = Math.min(nearest, Ciede2000.difference(colour.colour().lab(), plain.dominant()));
            }
        }
        if (nearest <= context.value(this, PULLED)) {
            return Result.credit(new PulledFromThePrint(nearest));
        }
        double limit = context.value(this, NEAR);
        boolean sameHue = print.colours().stream()
                .filter(colour -> colour.shareFraction() >= context.value(this, SEEN))
                .anyMatch(colour -> ColourFamily.of(colour.colour().lab()) == plain.colourFamily());
        boolean onlyNeutrals = print.colours().stream()
                .allMatch(colour -> ColourFamily.of(colour.colour().lab()).isNeutral());
        return nearest > limit && !onlyNeutrals && !sameHue
                ? Result.major(new StrangeToThePrint(nearest, limit))
                : Optional.empty();
    }
}
