package jomble.core.judgement.rule.colour;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * {@code colour.echo}: a colour that comes again where the two places do not touch.
 *
 * <p>Judged pair by pair of places that never touch; hair counts as a place above every top.
 */
public final class ColourEchoRule implements PairRule {
    public static final String ID = "colour.echo";
    private static final Parameter SAME = new Parameter("same", 10, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
                    ID,
                    "A colour comes again",
                    "The same accent at the feet and near the face holds an outfit together like a frame.",
                    SAME)
            .that(RuleTrait.NEVER_FAULTS);
    private static final Set<Slot> ABOVE =
            EnumSet.of(Slot.TOP, Slot.MID, Slot.JACKET, Slot.NECK, Slot.HAT, Slot.TIE, Slot.ONEPIECE);
    private static final Set<Slot> BELOW = EnumSet.of(Slot.SHOES, Slot.BAG);

    record Echo(double deltaE) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return ABOVE.contains(inner) && BELOW.contains(outer)
                || inner == Slot.SHOES && ABOVE.contains(outer)
                || inner == Slot.BOTTOM && (outer == Slot.NECK || outer == Slot.HAT || outer == Slot.TIE);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        if (inner.piece().colourFamily().isNeutral()
                || outer.piece().colourFamily().isNeutral()) {
            return Optional.empty();
        }
        double deltaE = inner.piece().colourDifference(outer.piece());
        return deltaE <= context.value(this, SAME) ? Result.credit(new Echo(deltaE)) : Optional.empty();
    }
}
