package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code leather.match}: belt and shoes of one family of leather. */
public final class LeatherMatchRule implements PairRule {
    private static final Parameter APART = new Parameter("apart", 14, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
                    "leather.match",
                    "Belt with shoes",
                    "A belt and shoes of related leather tie the outfit together; two unrelated browns look forgotten.",
                    APART)
            .with(SchoolSwitch.LEATHERS);
    private static final int METALLIC = 3;
    /** What a belt need not match: a trainer is no dress leather, and a sandal is mostly foot. */
    record LeathersApart(double deltaE, double limit) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.SHOES && outer == Slot.BELT;
    }

    @Override
    public Optional<Result> judge(Worn shoes, Worn belt, JudgementContext context) {
        boolean free = context.schools().holds(SchoolSwitch.LEATHERS, "free");
        if (free
                || shoes.piece().is(Trait.OPEN_OR_SPORTING_SHOE)
                || !isLeather(shoes.piece())
                || !isLeather(belt.piece())) {
            return Optional.empty();
        }
        double deltaE = shoes.piece().colourDifference(belt.piece());
        double limit = context.value(this, APART);
        return deltaE > limit ? Result.minor(new LeathersApart(deltaE, limit)) : Optional.empty();
    }

    private static boolean isLeather(Piece piece) {
        return piece.cloth().isLeather() && piece.get(Attribute.SHEEN) < METALLIC;
    }
}
