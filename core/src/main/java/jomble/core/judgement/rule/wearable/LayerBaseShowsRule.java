package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.outfit.Worn;
import jomble.core.piece.Neckline;
import jomble.core.piece.Slot;

/** {@code layer.base-shows}: the base stays out of sight at the neck. */
public final class LayerBaseShowsRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
            "layer.base-shows",
            "The base stays hidden",
            "A base that shows at the neck reads as underwear unless it was chosen to show.");
    /** Collars stand away from the neck: only what is higher than a crew shows under them. */
    private static final Set<Neckline> COLLARED = EnumSet.of(Neckline.POINT_COLLAR, Neckline.BAND_COLLAR, Neckline.BOW);

    record BaseShows(String base, String above) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.BASE && (outer == Slot.TOP || outer == Slot.ONEPIECE);
    }

    @Override
    public Optional<Result> judge(Worn base, Worn above, JudgementContext context) {
        Neckline inner = base.piece().neckline();
        Neckline outer = above.piece().neckline();
        boolean meant = base.piece().hasRole(Slot.TOP);
        if (inner == null || outer == null || meant || COLLARED.contains(outer)) {
            return Optional.empty();
        }
        return inner.isHigherThan(outer) ? Result.minor(new BaseShows(inner.words(), outer.words())) : Optional.empty();
    }
}
