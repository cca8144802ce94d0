package jomble.core.judgement.rule.tailoring;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Tailoring;
import jomble.core.outfit.Worn;
import jomble.core.piece.Cloth;
import jomble.core.piece.Detail;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code suit.casual}: a suit jacket with jeans, chinos or shorts. */
public final class SuitCasualRule implements PairRule {
    private static final Parameter LEAST = new Parameter("least-score", 6, "score of the jacket");
    private static final RuleInfo INFO = RuleInfo.of(
                    "suit.casual",
                    "Suit jackets with casual bottoms",
                    "A soft jacket in a textured cloth can meet dark denim; a smooth one with pale or torn jeans looks like a lost pair of trousers.",
                    LEAST)
            .with(SchoolSwitch.TAILORING);
    private static final double PALE_L = 45;

    record TooCasual(int score, double least) {}

    record WithShorts() {}

    record PaleOrTornDenim(double lightness) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.BOTTOM && outer == Slot.JACKET;
    }

    @Override
    public Optional<Result> judge(Worn bottom, Worn jacket, JudgementContext context) {
        boolean free = context.schools().holds(SchoolSwitch.TAILORING, "free");
        if (free || !bottom.piece().is(Trait.CASUAL_BOTTOM) || !Tailoring.isBroken(jacket, bottom, context)) {
            return Optional.empty();
        }
        int score = SuitSeparableRule.jacketScore(jacket.piece());
        double least = context.value(this, LEAST);
        if (context.schools().holds(SchoolSwitch.TAILORING, "strict")) {
            return Result.stop(new TooCasual(score, least));
        }
        if (bottom.piece().is(Trait.SHORTS)) {
            return Result.stop(new WithShorts());
        }
        if (score < least) {
            return Result.major(new TooCasual(score, least));
        }
        boolean denim = bottom.piece().cloth() == Cloth.DENIM;
        double lightness = bottom.piece().dominant().l();
        boolean poor = denim && (lightness > PALE_L || bottom.piece().has(Detail.DISTRESSED));
        return poor ? Result.major(new PaleOrTornDenim(lightness)) : Optional.empty();
    }
}
