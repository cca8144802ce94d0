package jomble.core.judgement.rule.company;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Setting;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Scope;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Worn;
import jomble.core.piece.Fibre;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code festive.company}: festive pieces are worn with festive pieces. */
public final class FestiveCompanyRule implements PairRule, WholeRule {
    private static final Set<Slot> READS = EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.DRAPE, Slot.MID, Slot.NECK);
    private static final RuleInfo INFO = RuleInfo.of(
                    "festive.company",
                    "What goes with festive pieces",
                    "A fitted blouse and a long silk skirt are half of a festive outfit: silk or plain white above, nothing but a shawl over it, festive shoes below, and the dupatta at a ceremony.")
            .with(SchoolSwitch.FORMALITY_MIX)
            .reading(READS);
    private static final int LONG_PERMILLE = 190;
    private static final double WHITE_L = 90;
    private static final double WHITE_CHROMA = 8;
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.FITTED_BLOUSE, Sign.LONG_FLARED_SKIRT, Sign.DRAPE_WORN, Sign.DUPATTA_WORN);

    record LayerOverFestive() {}

    record PlainAboveSilk() {}

    record StreetShoes() {}

    record BlouseOutOfPlace() {}

    record DupattaOutOfPlace() {}

    record DupattaMissing() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Scope scope() {
        return Scope.PAIR;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return inner == Slot.TOP
                        && (outer == Slot.BOTTOM || outer == Slot.ONEPIECE || outer == Slot.MID || outer == Slot.JACKET)
                || inner == Slot.ONEPIECE && outer == Slot.MID
                || inner == Slot.DRAPE && (outer == Slot.SHOES || outer == Slot.MID || outer == Slot.JACKET)
                || inner == Slot.BOTTOM && (outer == Slot.MID || outer == Slot.JACKET || outer == Slot.SHOES);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Piece first = inner.piece();
        Piece second = outer.piece();
        return switch (outer.slot()) {
            case BOTTOM -> topAndBottom(first, second);
            case ONEPIECE -> first.is(Trait.FITTED_BLOUSE) ? Result.major(new BlouseOutOfPlace()) : Optional.empty();
            case SHOES ->
                asksForFestiveShoes(inner, context) && second.is(Trait.STREET_SHOE)
                        ? Result.major(new StreetShoes())
                        : Optional.empty();
            default -> over(inner, second);
        };
    }

    /** A sari may be worn over boots or trainers, but not over street shoes at a ceremony where high and low are kept apart. */
    private static boolean asksForFestiveShoes(Worn worn, JudgementContext context) {
        return worn.slot() == Slot.DRAPE
                ? isStrictCeremony(context)
                : worn.piece().is(Trait.LONG_FLARED_SKIRT);
    }

    private static boolean isStrictCeremony(JudgementContext context) {
        return context.occasion().setting() == Setting.CEREMONY
                && !context.schools().holds(SchoolSwitch.FORMALITY_MIX, "high-low");
    }

    private static Optional<Result> topAndBottom(Piece top, Piece bottom) {
        boolean blouse = top.is(Trait.FITTED_BLOUSE);
        if (!bottom.is(Trait.LONG_FLARED_SKIRT)) {
            return blouse ? Result.major(new BlouseOutOfPlace()) : Optional.empty();
        }
        boolean white =
                top.isSolid() && top.dominant().l() >= WHITE_L && top.dominant().chroma() <= WHITE_CHROMA;
        boolean fine = blouse || white || top.percentOf(Fibre.SILK) >= 50;
        return bottom.percentOf(Fibre.SILK) >= 50 && !fine ? Result.major(new PlainAboveSilk()) : Optional.empty();
    }

    private static Optional<Result> over(Worn inner, Piece layer) {
        Piece beneath = inner.piece();
        boolean drape = inner.slot() == Slot.DRAPE;
        boolean festive = drape || beneath.is(Trait.FITTED_BLOUSE) || beneath.is(Trait.LONG_FLARED_SKIRT);
        boolean laidOver = layer.is(Trait.LAID_OVER) || drape && layer.is(Trait.CARDIGAN);
        if (festive && !laidOver) {
            return Result.major(new LayerOverFestive());
        }
        boolean dupatta = layer.is(Trait.DUPATTA) && (inner.slot() == Slot.TOP || inner.slot() == Slot.ONEPIECE);
        boolean longDress = inner.slot() == Slot.ONEPIECE
                && beneath.hem() != null
                && beneath.hem().landmark().meanPermille() <= LONG_PERMILLE;
        boolean fits = longDress || beneath.is(Trait.WORN_WITH_DUPATTA);
        return dupatta && !fits ? Result.major(new DupattaOutOfPlace()) : Optional.empty();
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot() == Slot.TOP || worn.slot() == Slot.BOTTOM;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN);
    }

    @Override
    public Check prepare(JudgementContext context) {
        return isStrictCeremony(context) ? FestiveCompanyRule::atACeremony : Check.SILENT;
    }

    private static Optional<Result> atACeremony(Summary summary) {
        boolean missing = summary.has(Sign.FITTED_BLOUSE)
                && summary.has(Sign.LONG_FLARED_SKIRT)
                && !summary.has(Sign.DRAPE_WORN)
                && !summary.has(Sign.DUPATTA_WORN);
        return missing ? Result.major(new DupattaMissing()) : Optional.empty();
    }
}
