package jomble.core.judgement;

import java.util.List;
import jomble.core.brief.Requirement;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Toe;
import jomble.core.piece.Trait;
import jomble.core.proportion.Landmark;

/** Which requirements of an occasion's dress code a piece violates. */
final class DressCodeViolations {
    /** Colours within this ΔE00 of a required colour satisfy it. */
    private static final double SAME_COLOUR = 20;
    /** Colours within this ΔE00 of a forbidden colour violate it. */
    private static final double FORBIDDEN_COLOUR = 12;

    private static final double FLAT_HEEL_CM = 2;

    private final List<Requirement> requirements;

    DressCodeViolations(JudgementContext context) {
        this.requirements = context.occasion().requires();
    }

    /** Bits {@code 1 << ordinal} of the dress codes. */
    int of(Worn worn) {
        int violated = 0;
        for (Requirement requirement : requirements) {
            violated |= isViolated(requirement, worn, worn.piece())
                    ? 1 << requirement.code().ordinal()
                    : 0;
        }
        return violated;
    }

    /** Whether a piece violates a requirement; requirements to wear something are not decided by a single piece. */
    private static boolean isViolated(Requirement requirement, Worn worn, Piece piece) {
        Slot slot = worn.slot();
        return switch (requirement.code()) {
            case CLOSED_TOE -> slot == Slot.SHOES && piece.toe() == Toe.OPEN;
            case NO_DENIM -> piece.cloth() == Cloth.DENIM;
            case NO_SHORTS -> TradeTerms.isShortsOrPlaysuit(piece);
            case NO_TRAINERS -> piece.is(Trait.TRAINERS);
            case NO_LOOSE_SLEEVES -> slot != Slot.COAT && isLoose(piece) || slot == Slot.DRAPE;
            case HEM_KNEE ->
                (slot == Slot.BOTTOM || slot == Slot.ONEPIECE)
                        && piece.hem() != null
                        && !TradeTerms.reaches(piece, Landmark.KNEE);
            case TUCKED ->
                slot == Slot.TOP && !worn.is(Finish.TUCKED) && piece.finishes().contains(Finish.TUCKED);
            case TROUSERS ->
                slot == Slot.DRAPE
                        || slot == Slot.UNDERSKIRT
                        || (slot == Slot.BOTTOM || slot == Slot.ONEPIECE) && TradeTerms.isSkirtOrDress(piece);
            case FLAT ->
                slot == Slot.SHOES
                        && piece.get(Attribute.HEEL_CM) != null
                        && piece.get(Attribute.HEEL_CM) > FLAT_HEEL_CM;
            case RESTRAINED_PRINTS -> slot.isMain() && piece.isLoudPrint();
            case ALL_BLACK -> slot.isFormality() && !TradeTerms.isNearBlack(piece);
            case COLOURS -> slot.isMain() && nearest(requirement.colours(), piece) > SAME_COLOUR;
            case NOT_COLOURS ->
                (slot.isFormality() || slot == Slot.COAT) && nearest(requirement.colours(), piece) <= FORBIDDEN_COLOUR;
            case NO_SHEER, NO_SHOES, SLEEVES, JACKET, TIE, PROTECTIVE_CLOTHING, LAYERS -> false;
        };
    }

    /** A turned-up sleeve can come down at the wrong moment, so rolling does not cure what may catch. */
    private static boolean isLoose(Piece piece) {
        Integer volume = piece.get(Attribute.SLEEVE_VOLUME);
        return volume != null && volume == 3 || piece.is(Trait.LOOSE_SLEEVED);
    }

    private static double nearest(List<Colour> colours, Piece piece) {
        double nearest = Double.MAX_VALUE;
        for (Colour colour : colours) {
            nearest = Math.min(nearest, Ciede2000.difference(colour.lab(), piece.dominant()));
        }
        return nearest;
    }
}
