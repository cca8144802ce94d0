package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Finish;
import jomble.core.piece.Opening;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code colour.vanish}: a layer that cannot be told from the one beneath. */
public final class VanishRule implements PairRule {
    private static final Parameter ALIKE = new Parameter("alike", 5, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.vanish",
                    "The layer disappears",
                    "An open layer of the same dark or pale cloth as what is under it is warm and invisible.",
                    ALIKE)
            .that(RuleTrait.READS_FINISHES);
    private static final double DARK_L = 25;
    private static final double PALE_L = 85;

    record Vanishes(double deltaE, double limit) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        boolean under = inner == Slot.TOP || inner == Slot.ONEPIECE || inner == Slot.MID;
        return under && (outer == Slot.MID || outer == Slot.JACKET) && inner != outer;
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Piece a = inner.piece();
        Piece b = outer.piece();
        boolean closed = outer.is(Finish.BUTTONED) || b.opening() == Opening.NONE;
        boolean dark = isDark(a) && isDark(b);
        boolean smooth = dark && isSmooth(a) && isSmooth(b);
        boolean sameSurface = a.cloth().surface() == b.cloth().surface()
                && a.get(Attribute.TEXTURE).equals(b.get(Attribute.TEXTURE));
        boolean alike = smooth || sameSurface;
        double deltaE = a.colourDifference(b);
        double limit = context.value(this, ALIKE);
        boolean extreme = dark || isPale(a) && isPale(b);
        boolean vanishes =
                !closed && !b.is(Trait.WAISTCOAT) && alike && extreme && a.isSolid() && b.isSolid() && deltaE < limit;
        return vanishes && !a.sharesSetWith(b) ? Result.minor(new Vanishes(deltaE, limit)) : Optional.empty();
    }

    private static boolean isSmooth(Piece piece) {
        return piece.get(Attribute.TEXTURE) == 0 && piece.get(Attribute.SHEEN) == 0;
    }

    private static boolean isDark(Piece piece) {
        return piece.dominant().l() < DARK_L;
    }

    private static boolean isPale(Piece piece) {
        return piece.dominant().l() > PALE_L;
    }
}
