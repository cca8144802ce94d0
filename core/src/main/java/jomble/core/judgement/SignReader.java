package jomble.core.judgement;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Detail;
import jomble.core.piece.Fibre;
import jomble.core.piece.Finish;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Shaft;
import jomble.core.piece.Show;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Slot;
import jomble.core.piece.Toe;
import jomble.core.piece.Trait;
import jomble.core.proportion.Landmark;

/** Reads the {@link Sign}s and counters a piece contributes, in one context. */
final class SignReader {
    private static final int ROOMY = 3;
    private static final Set<Finish> DEFINES_A_WAIST = EnumSet.of(Finish.TUCKED, Finish.KNOTTED, Finish.BELTED);

    private static final Set<Slot> ACCESSORIES = EnumSet.of(
            Slot.BELT, Slot.BAG, Slot.HAT, Slot.NECK, Slot.TIE, Slot.JEWELLERY, Slot.WATCH, Slot.HANDS, Slot.EXTRA);
    private static final Set<Slot> NEXT_TO_SKIN = EnumSet.of(Slot.BASE, Slot.TOP, Slot.ONEPIECE, Slot.BOTTOM);
    private static final Set<Fibre> AIRLESS = EnumSet.of(Fibre.POLYESTER, Fibre.POLYAMIDE, Fibre.ACRYLIC);

    private final JudgementContext context;
    private final List<PieceId> namedPieces;

    SignReader(JudgementContext context) {
        this.context = context;
        this.namedPieces = NeverRule.named(context);
    }

    /** Adds the contribution of one piece as worn. */
    void read(Worn worn, Contribution.Builder adds) {
        Piece piece = worn.piece();
        boolean inSight = worn.slot() != Slot.BASE && worn.slot() != Slot.UNDERSKIRT;
        adds.add(Measure.SIGNS, signs(worn, piece))
                .add(Measure.STATEMENTS, inSight && isStatement(worn) ? 1 : 0)
                .add(Measure.HEAT, context.weather() == null ? 0 : heat(worn, piece))
                .add(Measure.NAMED_PIECES, named(worn));
    }

    private long named(Worn worn) {
        long mask = 0;
        for (Piece piece : worn.pieces()) {
            int place = namedPieces.indexOf(piece.id());
            mask |= place < 0 ? 0 : 1L << place;
        }
        return mask;
    }

    private static boolean isStatement(Worn worn) {
        return worn.pieces().stream().anyMatch(piece -> piece.get(Attribute.SHOW) == Show.STATEMENT);
    }

    private static long signs(Worn worn, Piece piece) {
        long signs = ACCESSORIES.contains(worn.slot()) ? Sign.ACCESSORY_WORN.bit() : 0;
        if (worn.slot().isMain()) {
            signs |= piece.isPatterned() ? Sign.PATTERN_WORN.bit() : 0;
            signs |= TradeTerms.isNearBlack(piece) ? Sign.BLACK_WORN.bit() : Sign.NOT_BLACK.bit();
        }
        boolean sheer = TradeTerms.isSheer(piece);
        switch (worn.slot()) {
            case BASE ->
                signs |= (sheer ? 0 : Sign.OPAQUE_BENEATH.bit()) | sleeves(piece) & Sign.LONG_SLEEVES_WORN.bit();
            case TOP -> {
                signs |= Sign.TOP_WORN.bit() | (sheer ? Sign.SHEER_OUTER.bit() : 0) | sleeves(piece);
                signs |= piece.is(Trait.FITTED_BLOUSE) ? Sign.FITTED_BLOUSE.bit() : 0;
                signs |= piece.has(Detail.FASTENS_SIDE) ? Sign.FASTENS_AT_THE_SIDE.bit() : 0;
                signs |= piece.is(Trait.BARE_TOP) ? 0 : Sign.FULL_TOP_WORN.bit();
                signs |= seat(piece) | denim(piece, Sign.DENIM_TOP);
                signs |= TradeTerms.isJumper(piece) ? Sign.JUMPER_TOP.bit() : 0;
                signs |= waist(worn, piece);
                signs |= piece.fit().volume() == 1 ? Sign.CLOSE_TOP.bit() : 0;
            }
            case ONEPIECE -> {
                signs |= (sheer ? Sign.SHEER_OUTER.bit() : 0) | legs(piece) | sleeves(piece);
                signs |= piece.is(Trait.OVERDRESS) ? Sign.OVERDRESS.bit() : 0;
                signs |= piece.sleeve() == Sleeve.STRAPS ? Sign.STRAPPY_DRESS.bit() : 0;
                boolean dress = piece.kind().isDress() && !piece.is(Trait.OVERDRESS);
                signs |= dress ? Sign.DRESS_WORN.bit() : 0;
                signs |= seat(piece) | denim(piece, Sign.DENIM_LEGS);
            }
            case BOTTOM -> {
                signs |= legs(piece);
                signs |= piece.is(Trait.LONG_FLARED_SKIRT) ? Sign.LONG_FLARED_SKIRT.bit() : 0;
                signs |= piece.is(Trait.LEGGINGS) ? Sign.LEGGINGS_WORN.bit() : 0;
                signs |= TradeTerms.isShortsOrPlaysuit(piece) ? Sign.SHORTS_WORN.bit() : 0;
                signs |= denim(piece, Sign.DENIM_LEGS);
            }
            case DRAPE -> signs |= Sign.DRAPE_WORN.bit() | Sign.LEG_COVERED.bit();
            case UNDERSKIRT -> signs |= Sign.UNDERSKIRT_WORN.bit();
            case MID -> {
                signs |= Sign.LAYER_OVER.bit() | Sign.MID_WORN.bit() | sleeves(piece) | room(piece);
                signs |= seat(piece) | denim(piece, Sign.DENIM_MID) | dupatta(piece);
                signs |= piece.is(Trait.CARDIGAN) || TradeTerms.isJumper(piece) ? Sign.KNIT_OVER.bit() : 0;
            }
            case JACKET -> {
                signs |= Sign.LAYER_OVER.bit() | Sign.JACKET_WORN.bit() | sleeves(piece) | room(piece);
                signs |= TradeTerms.isTailoredJacket(piece) ? Sign.TAILORED_JACKET_WORN.bit() : 0;
                signs |= seat(piece) | denim(piece, Sign.DENIM_JACKET);
            }
            case COAT ->
                signs |= room(piece)
                        | (isLong(piece) ? Sign.SEAT_COVERED.bit() : 0)
                        | (TradeTerms.reaches(piece, Landmark.KNEE) ? Sign.KNEES_COVERED.bit() : 0);
            case BELT -> signs |= Sign.TRIMMING_WORN.bit() | Sign.WAIST_DEFINED.bit();
            case BAG -> signs |= Sign.TRIMMING_WORN.bit();
            case NECK -> signs |= Sign.TRIMMING_WORN.bit() | dupatta(piece);
            case LEGWEAR -> signs |= legwear(worn);
            case SHOES -> {
                signs |= piece.toe() == Toe.OPEN ? Sign.OPEN_SHOES.bit() : Sign.CLOSED_SHOES.bit();
                signs |= piece.is(Trait.SANDALS) ? Sign.SANDALS_WORN.bit() : 0;
            }
            case TIE -> signs |= Sign.TIE_WORN.bit();
            case JEWELLERY -> signs |= Sign.TRIMMING_WORN.bit() | jewellery(worn);
            default -> {}
        }
        return signs;
    }

    private static long waist(Worn top, Piece piece) {
        boolean cropped = piece.hem() != null && piece.hem().isCropped();
        boolean defined = cropped || top.finishes().stream().anyMatch(DEFINES_A_WAIST::contains);
        return (defined ? Sign.WAIST_DEFINED.bit() : 0)
                | (top.is(Finish.HALF_TUCKED) ? Sign.WAIST_HALF_DEFINED.bit() : 0);
    }

    private static long room(Piece layer) {
        return layer.fit().volume() >= ROOMY ? Sign.ROOMY_OUTER.bit() : 0;
    }

    /** A coat over leggings is long where it ends near the knee or below. */
    private static boolean isLong(Piece coat) {
        return TradeTerms.reaches(coat, Landmark.ABOVE_KNEE);
    }

    /** A hooded top covers the seat whatever its recorded length. */
    private static long seat(Piece piece) {
        return TradeTerms.reaches(piece, Landmark.LOW_HIP) || piece.is(Trait.HOODED_TOP) ? Sign.SEAT_COVERED.bit() : 0;
    }

    private static long denim(Piece piece, Sign sign) {
        return piece.cloth() == Cloth.DENIM ? sign.bit() : 0;
    }

    private static long dupatta(Piece piece) {
        return piece.is(Trait.DUPATTA) ? Sign.DUPATTA_WORN.bit() : 0;
    }

    private static long legwear(Worn worn) {
        if (worn.piece().is(Trait.SOCKS)) {
            return 0;
        }
        return Summariser.hidesTheLeg(worn) ? Sign.OPAQUE_LEGWEAR.bit() : Sign.SHEER_LEGWEAR.bit();
    }

    private static long jewellery(Worn worn) {
        long signs = 0;
        for (Piece piece : worn.pieces()) {
            if (piece.get(Attribute.SHOW) == Show.STATEMENT) {
                signs |= piece.is(Trait.NECKLACE) ? Sign.STATEMENT_NECKLACE.bit() : 0;
                signs |= piece.is(Trait.EARRINGS) ? Sign.STATEMENT_EARRINGS.bit() : 0;
            }
        }
        return signs;
    }

    private static long legs(Piece piece) {
        boolean trousers = !TradeTerms.isSkirtOrDress(piece);
        if (piece.hem() == null || TradeTerms.reaches(piece, Landmark.ANKLE)) {
            return trousers ? Sign.LEG_COVERED.bit() : 0;
        }
        return trousers && TradeTerms.reaches(piece, Landmark.MID_CALF) ? 0 : Sign.LEG_SHOWN.bit();
    }

    /** Whether its hem leaves the lower leg bare. */
    static boolean showsTheLeg(Piece piece) {
        return (legs(piece) & Sign.LEG_SHOWN.bit()) != 0;
    }

    private static long sleeves(Piece piece) {
        if (piece.sleeve() == null) {
            return 0;
        }
        double covered = piece.sleeve().coverFraction();
        return (covered >= Sleeve.SHORT.coverFraction() ? Sign.SLEEVES_WORN.bit() : 0)
                | (covered >= Sleeve.LONG.coverFraction() ? Sign.LONG_SLEEVES_WORN.bit() : 0);
    }

    private static int heat(Worn worn, Piece piece) {
        int heat = 0;
        if (NEXT_TO_SKIN.contains(worn.slot())) {
            int airless = AIRLESS.stream().mapToInt(piece::percentOf).sum();
            heat += airless >= 50 ? 1 : 0;
        }
        boolean high = piece.neckline() == Neckline.ROLL || piece.neckline() == Neckline.HIGH;
        heat += high && (worn.slot() == Slot.TOP || worn.slot() == Slot.ONEPIECE) ? 1 : 0;
        heat += worn.slot() == Slot.LEGWEAR && piece.get(Attribute.DENIER) != null ? 1 : 0;
        Shaft shaft = piece.get(Attribute.SHAFT);
        heat += worn.slot() == Slot.SHOES && shaft != null && shaft != Shaft.NONE ? 1 : 0;
        return heat;
    }
}
