package jomble.core.judgement.rule.pattern;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.outfit.Worn;
import jomble.core.piece.Pattern;
import jomble.core.piece.PatternScale;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code pattern.quiet-shoes}: a strong print lets shoes and bag be plain. */
public final class QuietShoesRule implements PairRule {
    private static final Parameter SAME = new Parameter("same", 12, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
            "pattern.quiet-shoes",
            "Plain shoes under a print",
            "A strong print is enough; patterned shoes or a patterned bag beside it compete, unless they are cut from the same colours.",
            SAME);
    private static final Set<Pattern> STRONG = EnumSet.of(
            Pattern.FLORAL, Pattern.ANIMAL, Pattern.PAISLEY, Pattern.GEOMETRIC, Pattern.ABSTRACT, Pattern.CHECK);

    record PatternsCompete(String print, String other) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner.isMain() && (outer == Slot.SHOES || outer == Slot.BAG);
    }

    @Override
    public Optional<Result> judge(Worn main, Worn small, JudgementContext context) {
        Piece print = main.piece();
        Piece other = small.piece();
        boolean strong = STRONG.contains(print.pattern()) && print.patternScale() != PatternScale.MICRO;
        if (!strong || other.isSolid() || print.colourDifference(other) <= context.value(this, SAME)) {
            return Optional.empty();
        }
        return Result.minor(
                new PatternsCompete(print.pattern().words(), other.pattern().words()));
    }
}
