package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.colour.ColourFamily;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Scope;
import jomble.core.judgement.Sign;
import jomble.core.judgement.SlotPairs;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code colour.black-with-dark}: black beside navy or dark brown. */
public final class BlackWithDarkRule implements PairRule, WholeRule {
    private static final Parameter APART = new Parameter("apart", 12, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.black-with-dark",
                    "Black with navy or brown",
                    "Black and navy go well when anybody can see that they are two colours; some studios keep them apart altogether.",
                    APART)
            .with(SchoolSwitch.BLACK_WITH_DARK)
            .reading(Slot.MAIN);
    private static final double DARK_L = 32;
    private static final double BLACK_L = 20;
    private static final double BLACK_CHROMA = 5;

    private static final int NAVY = 1 << ColourFamily.NAVY.ordinal();
    private static final int BROWN = 1 << ColourFamily.BROWN.ordinal();

    record ThreeDarks() {}

    record BlackBesideDark(double deltaE, double wanted, String dark) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Scope scope() {
        return Scope.PAIR;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot().isMain() && (isBlack(worn.piece()) || isDark(worn.piece()));
    }

    /** Another piece takes none of the three away. */
    @Override
    public boolean maySoften(Worn worn, Structure structure) {
        return false;
    }

    @Override
    public long key(Summary summary) {
        return summary.families() & (NAVY | BROWN) | (summary.has(Sign.BLACK_WORN) ? 1L << 40 : 0);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return summary -> {
            int families = summary.families();
            boolean all = (families & NAVY) != 0 && (families & BROWN) != 0 && summary.has(Sign.BLACK_WORN);
            return all ? Result.major(new ThreeDarks()) : Optional.empty();
        };
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return SlotPairs.isMain(inner, outer);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Piece a = inner.piece();
        Piece b = outer.piece();
        Piece dark = isBlack(a) && isDark(b) ? b : isBlack(b) && isDark(a) ? a : null;
        if (dark == null || a.sharesSetWith(b)) {
            return Optional.empty();
        }
        double deltaE = a.colourDifference(b);
        double wanted = context.value(this, APART);
        BlackBesideDark evidence =
                new BlackBesideDark(deltaE, wanted, dark.colourFamily().id());
        if (context.schools().holds(SchoolSwitch.BLACK_WITH_DARK, "avoided")) {
            return Result.major(evidence);
        }
        return deltaE < wanted ? Result.minor(evidence) : Optional.empty();
    }

    private static boolean isBlack(Piece piece) {
        return piece.dominant().l() <= BLACK_L && piece.dominant().chroma() <= BLACK_CHROMA;
    }

    private static boolean isDark(Piece piece) {
        boolean family = piece.colourFamily() == ColourFamily.NAVY || piece.colourFamily() == ColourFamily.BROWN;
        return family && piece.dominant().l() <= DARK_L;
    }
}
