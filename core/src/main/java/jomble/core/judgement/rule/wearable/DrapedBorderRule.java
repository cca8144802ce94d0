package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Detail;
import jomble.core.piece.Show;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code draped.border}: a heavy border and a heavy necklace ask for the same place. */
public final class DrapedBorderRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "draped.border",
                    "Border or necklace",
                    "A heavy border runs past the neck and shoulder; a heavy necklace beside it makes both hard to see.")
            .that(RuleTrait.MAY_CREDIT);
    private static final int HEAVY_CLOTH = 4;

    record ChooseOne() {}

    record EarringsEnough() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.DRAPE && outer == Slot.JEWELLERY;
    }

    @Override
    public Optional<Result> judge(Worn drape, Worn jewellery, JudgementContext context) {
        boolean heavy = drape.piece().has(Detail.HEAVY_BORDER) || drape.piece().clothWeight() >= HEAVY_CLOTH;
        if (!heavy) {
            return Optional.empty();
        }
        boolean necklace = jewellery.pieces().stream()
                .anyMatch(piece -> piece.is(Trait.NECKLACE) && piece.get(Attribute.SHOW) == Show.STATEMENT);
        if (necklace) {
            return Result.major(new ChooseOne());
        }
        boolean earrings = jewellery.pieces().stream().allMatch(piece -> piece.is(Trait.EARRINGS));
        return earrings ? Result.credit(new EarringsEnough()) : Optional.empty();
    }
}
