package jomble.core.judgement;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.brief.DressCode;
import jomble.core.brief.Requirement;
import jomble.core.brief.Zone;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.colour.Lab;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Detail;
import jomble.core.piece.Fibre;
import jomble.core.piece.Finish;
import jomble.core.piece.Hem;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Rise;
import jomble.core.piece.Shaft;
import jomble.core.piece.Show;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Slot;
import jomble.core.piece.Toe;

/** Reads the {@link Signs} off what is worn, in one context. */
final class SignReader {
    private static final int SHEER = 2;
    /** The bit of no lustre; textures 0 to 3 take the bits below it. */
    private static final int LUSTRES = 4;

    private static final double ACCENT_CHROMA = 35;
    private static final double SATURATED_CHROMA = 45;
    private static final double BLACK_L = 25;
    private static final double BLACK_CHROMA = 8;
    private static final double SAME_COLOUR = 20;
    private static final double FORBIDDEN_COLOUR = 12;
    private static final int KNEE = 285;
    private static final int ANKLE = 60;
    private static final int MID_CALF = 190;
    private static final int SEAT = 500;
    /** A coat over leggings is long: it ends near the knee or below. */
    private static final int LONG_COAT = 330;

    private static final double FLAT_HEEL_CM = 2;

    private static final Set<String> OVERDRESSES = Set.of("dungarees", "pinafore-dress");
    private static final Set<String> SHORTS = Set.of("shorts", "tailored-shorts", "playsuit");
    private static final Set<String> BARE_TOPS = Set.of("vest-top", "camisole", "bandeau", "sleeveless-bodysuit");
    private static final Set<String> LOOSE = Set.of("cape", "poncho", "kimono-jacket");
    private static final Set<Slot> ACCESSORIES = EnumSet.of(
            Slot.BELT, Slot.BAG, Slot.HAT, Slot.NECK, Slot.TIE, Slot.JEWELLERY, Slot.WATCH, Slot.HANDS, Slot.EXTRA);
    private static final Set<Slot> NEXT_TO_SKIN = EnumSet.of(Slot.BASE, Slot.TOP, Slot.ONEPIECE, Slot.BOTTOM);
    private static final Set<Slot> SMALL =
            EnumSet.of(Slot.SHOES, Slot.BAG, Slot.NECK, Slot.TIE, Slot.HAT, Slot.BELT, Slot.LEGWEAR);
    private static final Set<Neckline> SHOWS_CHEST = EnumSet.of(
            Neckline.V, Neckline.SCOOP, Neckline.SWEETHEART, Neckline.COWL, Neckline.OFF_SHOULDER, Neckline.STRAPLESS);
    private static final Set<Neckline> SHOWS_SHOULDERS =
            EnumSet.of(Neckline.OFF_SHOULDER, Neckline.STRAPLESS, Neckline.HALTER);
    private static final Set<Fibre> AIRLESS = EnumSet.of(Fibre.POLYESTER, Fibre.POLYAMIDE, Fibre.ACRYLIC);

    private final JudgementContext context;
    private final boolean jacketStays;
    private final boolean zonesAsked;
    private final List<Requirement> requirements;
    private final List<PieceId> namedPieces;

    SignReader(JudgementContext context) {
        this.context = context;
        this.jacketStays = context.occasion().requires(DressCode.JACKET);
        this.zonesAsked = !context.brief().boundaries().coverage().isEmpty();
        this.requirements = context.occasion().requires();
        this.namedPieces = NeverRule.named(context);
    }

    /** What one piece adds, worn as it is worn. */
    PieceSigns ofPiece(Worn worn) {
        Piece piece = worn.piece();
        boolean inSight = worn.slot() != Slot.BASE && worn.slot() != Slot.UNDERSKIRT;
        int violated = 0;
        for (Requirement requirement : requirements) {
            violated |= isViolated(requirement, worn, piece)
                    ? 1 << requirement.code().ordinal()
                    : 0;
        }
        return new PieceSigns(
                facts(worn, piece),
                inSight && isStatement(worn) ? 1 : 0,
                context.weather() == null ? 0 : heat(worn, piece),
                zonesAsked ? covered(worn, piece) : 0,
                violated,
                SMALL.contains(worn.slot()) && piece.dominant().chroma() > ACCENT_CHROMA ? 1 : 0,
                surface(piece),
                1 << piece.colourFamily().ordinal(),
                isSaturated(worn, piece) ? 1 << piece.colourFamily().ordinal() : 0,
                worn.slot().isMain() ? (int) piece.dominant().l() : PieceSigns.NOT_MAIN,
                named(worn));
    }

    private static boolean isSaturated(Worn worn, Piece piece) {
        return worn.slot().isMain() && piece.dominant().chroma() > SATURATED_CHROMA;
    }

    /** Surfaces differ by lustre or by grain; a smooth knit and a smooth weave are one surface to the eye. */
    private static int surface(Piece piece) {
        int sheen = piece.get(Attribute.SHEEN);
        return sheen > 0 ? 1 << LUSTRES + sheen : 1 << piece.get(Attribute.TEXTURE);
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

    private long facts(Worn worn, Piece piece) {
        long facts = ACCESSORIES.contains(worn.slot()) ? Sign.ACCESSORY_WORN.bit() : 0;
        if (worn.slot().isMain()) {
            facts |= piece.isPatterned() ? Sign.PATTERN_WORN.bit() : 0;
            facts |= isNearBlack(piece) ? Sign.BLACK_WORN.bit() : Sign.NOT_BLACK.bit();
        }
        boolean sheer = piece.get(Attribute.SHEERNESS) != null && piece.get(Attribute.SHEERNESS) >= SHEER;
        switch (worn.slot()) {
            case BASE -> facts |= sheer ? 0 : Sign.OPAQUE_BENEATH.bit();
            case TOP -> {
                facts |= Sign.TOP_WORN.bit() | (sheer ? Sign.SHEER_OUTER.bit() : 0) | sleeves(piece);
                facts |= is(piece, "fitted-blouse") ? Sign.FITTED_BLOUSE.bit() : 0;
                facts |= piece.has(Detail.FASTENS_SIDE) ? Sign.FASTENS_AT_THE_SIDE.bit() : 0;
                facts |= BARE_TOPS.contains(piece.kind().origin().id()) ? 0 : Sign.FULL_TOP_WORN.bit();
                facts |= seat(piece) | denim(piece, Sign.DENIM_TOP);
                facts |= TradeTerms.isJumper(piece) ? Sign.JUMPER_TOP.bit() : 0;
                facts |= worn.is(Finish.HALF_TUCKED) ? Sign.WAIST_HALF_DEFINED.bit() : 0;
            }
            case ONEPIECE -> {
                facts |= (sheer ? Sign.SHEER_OUTER.bit() : 0) | legs(piece) | sleeves(piece);
                facts |= OVERDRESSES.contains(piece.kind().origin().id()) ? Sign.OVERDRESS.bit() : 0;
                facts |= piece.sleeve() == Sleeve.STRAPS ? Sign.STRAPPY_DRESS.bit() : 0;
                boolean dress = piece.kind().isDress()
                        && !OVERDRESSES.contains(piece.kind().origin().id());
                facts |= dress ? Sign.DRESS_WORN.bit() : 0;
                facts |= seat(piece) | denim(piece, Sign.DENIM_LEGS);
            }
            case BOTTOM -> {
                facts |= legs(piece);
                facts |= is(piece, "long-flared-skirt") ? Sign.LONG_FLARED_SKIRT.bit() : 0;
                facts |= is(piece, "leggings") ? Sign.LEGGINGS_WORN.bit() : 0;
                facts |= SHORTS.contains(piece.kind().origin().id()) ? Sign.SHORTS_WORN.bit() : 0;
                facts |= denim(piece, Sign.DENIM_LEGS);
            }
            case DRAPE -> facts |= Sign.DRAPE_WORN.bit() | Sign.LEG_COVERED.bit();
            case UNDERSKIRT -> facts |= Sign.UNDERSKIRT_WORN.bit();
            case MID -> {
                facts |= Sign.LAYER_OVER.bit() | Sign.MID_WORN.bit() | sleeves(piece);
                facts |= seat(piece) | denim(piece, Sign.DENIM_MID) | dupatta(piece);
                facts |= is(piece, "cardigan") || TradeTerms.isJumper(piece) ? Sign.KNIT_OVER.bit() : 0;
            }
            case JACKET -> {
                facts |= Sign.LAYER_OVER.bit() | Sign.JACKET_WORN.bit() | sleeves(piece);
                facts |= TradeTerms.isTailoredJacket(piece) ? Sign.TAILORED_JACKET_WORN.bit() : 0;
                facts |= seat(piece) | denim(piece, Sign.DENIM_JACKET);
            }
            case COAT ->
                facts |= piece.hem() != null && piece.hem().landmark().meanPermille() <= LONG_COAT
                        ? Sign.SEAT_COVERED.bit()
                        : 0;
            case BELT, BAG -> facts |= Sign.TRIMMING_WORN.bit();
            case NECK -> facts |= Sign.TRIMMING_WORN.bit() | dupatta(piece);
            case LEGWEAR -> facts |= legwear(worn);
            case SHOES -> {
                facts |= piece.toe() == Toe.OPEN ? 0 : Sign.CLOSED_SHOES.bit();
                facts |= is(piece, "sandals") ? Sign.SANDALS_WORN.bit() : 0;
            }
            case TIE -> facts |= Sign.TIE_WORN.bit();
            case JEWELLERY -> facts |= Sign.TRIMMING_WORN.bit() | jewellery(worn);
            default -> {}
        }
        return facts;
    }

    /** A hooded top hangs over the seat however long it is recorded. */
    private static long seat(Piece piece) {
        boolean reachesIt = piece.hem() != null && piece.hem().landmark().meanPermille() <= SEAT;
        return reachesIt || is(piece, "hooded-top") ? Sign.SEAT_COVERED.bit() : 0;
    }

    private static long denim(Piece piece, Sign sign) {
        return piece.cloth() == Cloth.DENIM ? sign.bit() : 0;
    }

    private static long dupatta(Piece piece) {
        return is(piece, "dupatta") ? Sign.DUPATTA_WORN.bit() : 0;
    }

    private static long legwear(Worn worn) {
        if (is(worn.piece(), "socks")) {
            return 0;
        }
        return Summariser.hidesTheLeg(worn) ? Sign.OPAQUE_LEGWEAR.bit() : Sign.SHEER_LEGWEAR.bit();
    }

    private static long jewellery(Worn worn) {
        long facts = 0;
        for (Piece piece : worn.pieces()) {
            if (piece.get(Attribute.SHOW) == Show.STATEMENT) {
                facts |= is(piece, "necklace") ? Sign.STATEMENT_NECKLACE.bit() : 0;
                facts |= is(piece, "earrings") ? Sign.STATEMENT_EARRINGS.bit() : 0;
            }
        }
        return facts;
    }

    private static long legs(Piece piece) {
        int hem = piece.hem() == null ? 0 : piece.hem().landmark().meanPermille();
        boolean trousers = !isSkirtOrDress(piece);
        if (hem <= ANKLE) {
            return trousers ? Sign.LEG_COVERED.bit() : 0;
        }
        return trousers && hem <= MID_CALF ? 0 : Sign.LEG_SHOWN.bit();
    }

    private static boolean isSkirtOrDress(Piece piece) {
        return piece.kind().isSkirt() || piece.kind().isDress();
    }

    private static long sleeves(Piece piece) {
        return piece.sleeve() != null && piece.sleeve().coverFraction() >= Sleeve.SHORT.coverFraction()
                ? Sign.SLEEVES_WORN.bit()
                : 0;
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

    private int covered(Worn worn, Piece piece) {
        Slot slot = worn.slot();
        boolean stays = slot != Slot.COAT && slot != Slot.MID && (slot != Slot.JACKET || jacketStays);
        boolean sheer = piece.get(Attribute.SHEERNESS) != null && piece.get(Attribute.SHEERNESS) >= SHEER;
        if (!stays || sheer) {
            return 0;
        }
        return switch (slot) {
            case BASE, TOP, ONEPIECE, JACKET -> upper(piece) | (slot == Slot.ONEPIECE ? lower(piece) : 0);
            case BOTTOM -> lower(piece) | (piece.rise() == Rise.HIGH ? bit(Zone.MIDRIFF) : 0);
            case DRAPE -> bit(Zone.MIDRIFF) | bit(Zone.KNEE) | bit(Zone.ANKLE) | bit(Zone.CHEST);
            case UNDERSKIRT -> bit(Zone.KNEE);
            case LEGWEAR -> Summariser.hidesTheLeg(worn) ? bit(Zone.KNEE) | bit(Zone.ANKLE) : 0;
            case SHOES -> {
                Shaft shaft = piece.get(Attribute.SHAFT);
                yield shaft == null || shaft == Shaft.NONE ? 0 : bit(Zone.ANKLE);
            }
            default -> 0;
        };
    }

    private static int upper(Piece piece) {
        Neckline neckline = piece.neckline();
        Sleeve sleeve = piece.sleeve() == null ? Sleeve.NONE : piece.sleeve();
        int covered = 0;
        if (!SHOWS_SHOULDERS.contains(neckline) && sleeve != Sleeve.STRAPS) {
            covered |= bit(Zone.SHOULDERS);
        }
        covered |= sleeve.coverFraction() >= Sleeve.SHORT.coverFraction() ? bit(Zone.UPPER_ARM) : 0;
        covered |= neckline == null || SHOWS_CHEST.contains(neckline) ? 0 : bit(Zone.CHEST);
        return covered | (piece.hem() == null || piece.hem() == Hem.WAIST ? 0 : bit(Zone.MIDRIFF));
    }

    private static int lower(Piece piece) {
        int hem = piece.hem() == null ? 1000 : piece.hem().landmark().meanPermille();
        return (hem <= KNEE ? bit(Zone.KNEE) : 0) | (hem <= ANKLE ? bit(Zone.ANKLE) : 0);
    }

    private static int bit(Zone zone) {
        return 1 << zone.ordinal();
    }

    /** Whether a piece goes against a requirement; what asks for something to be worn is not decided by one piece. */
    private static boolean isViolated(Requirement requirement, Worn worn, Piece piece) {
        Slot slot = worn.slot();
        return switch (requirement.code()) {
            case CLOSED_TOE -> slot == Slot.SHOES && piece.toe() == Toe.OPEN;
            case NO_DENIM -> piece.cloth() == Cloth.DENIM;
            case NO_SHORTS -> SHORTS.contains(piece.kind().origin().id());
            case NO_TRAINERS -> is(piece, "trainers");
            case NO_LOOSE_SLEEVES -> slot != Slot.COAT && isLoose(piece) || slot == Slot.DRAPE;
            case HEM_KNEE ->
                (slot == Slot.BOTTOM || slot == Slot.ONEPIECE)
                        && piece.hem() != null
                        && piece.hem().landmark().meanPermille() > KNEE;
            case TUCKED ->
                slot == Slot.TOP && !worn.is(Finish.TUCKED) && piece.finishes().contains(Finish.TUCKED);
            case TROUSERS ->
                slot == Slot.DRAPE
                        || slot == Slot.UNDERSKIRT
                        || (slot == Slot.BOTTOM || slot == Slot.ONEPIECE) && isSkirtOrDress(piece);
            case FLAT ->
                slot == Slot.SHOES
                        && piece.get(Attribute.HEEL_CM) != null
                        && piece.get(Attribute.HEEL_CM) > FLAT_HEEL_CM;
            case RESTRAINED_PRINTS -> slot.isMain() && piece.isLoudPrint();
            case ALL_BLACK -> slot.isFormality() && !isNearBlack(piece);
            case COLOURS -> slot.isMain() && nearest(requirement.colours(), piece) > SAME_COLOUR;
            case NOT_COLOURS ->
                (slot.isFormality() || slot == Slot.COAT) && nearest(requirement.colours(), piece) <= FORBIDDEN_COLOUR;
            case NO_SHEER, NO_SHOES, SLEEVES, JACKET, TIE, PROTECTIVE_CLOTHING, LAYERS -> false;
        };
    }

    /** Turned up it still comes down at the wrong moment: what may catch is not cured by rolling. */
    private static boolean isLoose(Piece piece) {
        Integer volume = piece.get(Attribute.SLEEVE_VOLUME);
        return volume != null && volume == 3
                || LOOSE.contains(piece.kind().origin().id());
    }

    private static boolean isNearBlack(Piece piece) {
        Lab lab = piece.dominant();
        return lab.l() <= BLACK_L && lab.chroma() <= BLACK_CHROMA;
    }

    private static double nearest(List<Colour> colours, Piece piece) {
        double nearest = Double.MAX_VALUE;
        for (Colour colour : colours) {
            nearest = Math.min(nearest, Ciede2000.difference(colour.lab(), piece.dominant()));
        }
        return nearest;
    }

    private static boolean is(Piece piece, String kind) {
        return piece.kind().origin().id().equals(kind);
    }
}
