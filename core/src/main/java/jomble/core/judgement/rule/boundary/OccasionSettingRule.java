package jomble.core.judgement.rule.boundary;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Fibre;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code occasion.setting}: sturdy pieces on a quay, safe ones at a bench, festive ones at a ceremony. */
public final class OccasionSettingRule implements PieceRule {
    private static final Parameter BENCH_HEEL = new Parameter("bench-heel", 4, "cm");
    private static final RuleInfo INFO = RuleInfo.of(
                    "occasion.setting",
                    "Made for the place",
                    "A quay, a moor or a field wants cloth and soles that can take it; at a laboratory bench nothing trails, slips or catches.",
                    BENCH_HEEL)
            .with(SchoolSwitch.FORMALITY_MIX);
    private static final Set<Cloth> ROUGH_CLOTH =
            EnumSet.of(Cloth.CORDUROY, Cloth.MOLESKIN, Cloth.TWEED, Cloth.DENIM, Cloth.CANVAS);
    private static final Set<Cloth> FINE = EnumSet.of(Cloth.CREPE, Cloth.SATIN, Cloth.CHIFFON, Cloth.LACE);
    private static final Set<Slot> COVERED = EnumSet.of(
            Slot.TOP,
            Slot.BOTTOM,
            Slot.ONEPIECE,
            Slot.DRAPE,
            Slot.UNDERSKIRT,
            Slot.MID,
            Slot.JACKET,
            Slot.COAT,
            Slot.SHOES,
            Slot.NECK,
            Slot.TIE);

    record TooFineForTheGround(String occasion) {}

    record UnsafeAtTheBench(String occasion) {}

    record TooPlainForTheCeremony(String occasion) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return COVERED.contains(slot);
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        String occasion = context.occasion().name();
        Piece piece = worn.piece();
        return switch (context.occasion().setting()) {
            case USUAL -> Optional.empty();
            case ROUGH -> isTooFine(worn, piece) ? Result.major(new TooFineForTheGround(occasion)) : Optional.empty();
            case BENCH ->
                isUnsafe(worn, piece, context.value(this, BENCH_HEEL))
                        ? Result.major(new UnsafeAtTheBench(occasion))
                        : Optional.empty();
            case CEREMONY ->
                isTooPlain(worn, context) ? Result.major(new TooPlainForTheCeremony(occasion)) : Optional.empty();
        };
    }

    private static boolean isTooFine(Worn worn, Piece piece) {
        return switch (worn.slot()) {
            case SHOES -> piece.is(Trait.TOWN_SHOE) || isSilky(piece);
            case COAT -> piece.is(Trait.TOWN_COAT) || isSilky(piece);
            case DRAPE, UNDERSKIRT, TIE -> true;
            case JACKET -> TradeTerms.isTailoredJacket(piece) || isSilky(piece);
            case BOTTOM ->
                piece.kind().isSkirt()
                        || piece.shape() == Shape.WIDE && !piece.is(Trait.CARGO_TROUSERS)
                        || TradeTerms.isSuitTrousers(piece)
                        || isTownTrousers(piece)
                        || isSilky(piece);
            case ONEPIECE -> piece.kind().isDress() && !piece.is(Trait.SHIRT_DRESS) || isSilky(piece);
            case NECK -> false;
            default ->
                piece.is(Trait.BLOUSE) || piece.is(Trait.WAISTCOAT) && piece.cloth() != Cloth.TWEED || isSilky(piece);
        };
    }

    private static boolean isTownTrousers(Piece piece) {
        return piece.is(Trait.TAILORED_TROUSERS)
                && !ROUGH_CLOTH.contains(piece.cloth())
                && piece.percentOf(Fibre.COTTON) < 50;
    }

    private static boolean isSilky(Piece piece) {
        return FINE.contains(piece.cloth()) || piece.percentOf(Fibre.SILK) >= 50;
    }

    private static boolean isUnsafe(Worn worn, Piece piece, double heelCm) {
        return switch (worn.slot()) {
            case SHOES -> {
                Double heel = piece.get(Attribute.HEEL_CM);
                yield isSilky(piece) || heel != null && heel > heelCm;
            }
            case BOTTOM -> piece.is(Trait.TRAILING_SKIRT);
            case TOP -> piece.is(Trait.FITTED_BLOUSE);
            case DRAPE, UNDERSKIRT -> true;
            case MID, NECK -> piece.is(Trait.LOOSE_WRAP);
            default -> false;
        };
    }

    /** A wrap of cotton is everyday dress; those who mix high and low wear it all the same. */
    private static boolean isTooPlain(Worn worn, JudgementContext context) {
        return worn.slot() == Slot.DRAPE
                && worn.piece().is(Trait.WRAPPED_CLOTH)
                && worn.piece().percentOf(Fibre.COTTON) >= 50
                && !context.schools().holds(SchoolSwitch.FORMALITY_MIX, "high-low");
    }
}
