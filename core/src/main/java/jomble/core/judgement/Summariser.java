package jomble.core.judgement;

import static jomble.core.piece.Slot.BELT;
import static jomble.core.piece.Slot.BOTTOM;
import static jomble.core.piece.Slot.COAT;
import static jomble.core.piece.Slot.DRAPE;
import static jomble.core.piece.Slot.JACKET;
import static jomble.core.piece.Slot.LEGWEAR;
import static jomble.core.piece.Slot.MID;
import static jomble.core.piece.Slot.ONEPIECE;
import static jomble.core.piece.Slot.TOP;
import static jomble.core.piece.Slot.UNDERSKIRT;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import jomble.core.brief.DressCode;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.colour.Lab;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Finish;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.proportion.Heights;
import jomble.core.proportion.Landmark;

/** Measures an outfit for the rules about the whole. One per context; holds no state between outfits. */
public final class Summariser {
    /** Below this ΔE00 two colours at a hem read as one column. */
    private static final double VISIBLE = 10;
    /** What a hem over a bare leg of unknown colour is taken to differ by: clearly visible. */
    private static final double BARE_LEG = 30;

    private static final int ROOMY = 3;
    private static final Set<Finish> DEFINES_A_WAIST = EnumSet.of(Finish.TUCKED, Finish.KNOTTED, Finish.BELTED);
    /** The slots whose pieces make something together. */
    private static final List<Slot> MEETING = List.of(TOP, BOTTOM, ONEPIECE, MID, JACKET, LEGWEAR);

    private static final Set<Slot> OUTER = EnumSet.of(MID, JACKET, COAT);

    private final JudgementContext context;
    /** In thousandths of stature, by ordinal of the landmark. */
    private final int[] heights;

    private final boolean wantsShoes;
    private final boolean jacketStays;
    private final Lab skin;
    private final SignReader signs;

    public Summariser(JudgementContext context) {
        this.signs = new SignReader(context);
        this.context = context;
        Heights figure = context.brief().heights();
        this.heights = new int[Landmark.values().length];
        for (Landmark landmark : Landmark.values()) {
            heights[landmark.ordinal()] = figure.permille(landmark);
        }
        this.wantsShoes = context.wantsShoes();
        this.jacketStays = context.occasion().requires(DressCode.JACKET);
        Colour colour = context.brief().skin();
        this.skin = colour == null ? null : colour.lab();
    }

    /** An accumulator for outfits in this context. */
    public MeasureAccumulator accumulator() {
        return new MeasureAccumulator(wantsShoes);
    }

    /** @param worn by ordinal of the slot, null where empty */
    public Summary summarise(Worn[] worn) {
        MeasureAccumulator accumulator = accumulator();
        measure(worn, one -> pieceMeasures(one, 0, 0), this::pairMeasures, accumulator);
        return FixedSummary.of(accumulator);
    }

    /**
     * Measures an outfit by what is known of its pieces.
     *
     * @param worn by ordinal of the slot, null where empty
     * @param pieceMeasures {@link #pieceMeasures} of each, {@code pairMeasures} {@link #pairMeasures} of two in slot order
     */
    public void measure(
            Worn[] worn,
            Function<Worn, PieceMeasures> pieceMeasures,
            BiFunction<Worn, Worn, PairMeasures> pairMeasures,
            MeasureAccumulator accumulator) {
        Structure structure = nearestStructure(worn);
        accumulator.clear(structure);
        for (Worn one : worn) {
            if (one != null) {
                accumulator.add(pieceMeasures.apply(one));
            }
        }
        for (Slot inner : MEETING) {
            for (Slot outer : MEETING) {
                Worn one = worn[inner.ordinal()];
                Worn other = worn[outer.ordinal()];
                if (one != null && other != null && inner.compareTo(outer) < 0) {
                    accumulator.add(pairMeasures.apply(one, other));
                }
            }
        }
        accumulator.setColliding(colliding(structure, worn));
    }

    /** All that later pieces can make of this one as a part of a suit, as a value. */
    public Object suitOf(Worn worn) {
        Piece piece = worn.piece();
        Object cloth = piece.setId() == null || piece.isSolid() ? List.of() : piece.cloth();
        boolean country = worn.slot() == MID && TradeTerms.isCountryCloth(piece);
        return List.of(Tailoring.isPart(worn), piece.setId() == null ? List.of() : piece.setId(), cloth, country);
    }

    /** What one way to wear a piece adds, with the numbers of {@link PieceMeasures}. */
    public PieceMeasures pieceMeasures(Worn worn, int id, int suitId) {
        Slot slot = worn.slot();
        Piece piece = worn.piece();
        int clo = centiClo(worn);
        boolean main = slot.isMain();
        boolean hued = main && !piece.colourFamily().isNeutral();
        return new PieceMeasures(
                id,
                suitId,
                slot,
                clo,
                isPeeled(slot) ? 0 : clo,
                slot.isFormality() ? piece.formality() : 0,
                slot == COAT ? piece.formality() : 0,
                hued ? 1 << piece.colourFamily().ordinal() : 0,
                metals(worn),
                main && piece.isPatterned() ? 1 : 0,
                suiting(worn),
                volume(worn),
                isWaistDefined(worn),
                slot == TOP && piece.fit().volume() == 1,
                OUTER.contains(slot) && piece.fit().volume() >= ROOMY,
                end(worn),
                slot == ONEPIECE ? shown(skin == null ? BARE_LEG : Ciede2000.difference(piece.dominant(), skin)) : 0,
                signs.ofPiece(worn));
    }

    private int suiting(Worn worn) {
        boolean ofSuit = context.isOfSuit(worn.piece());
        return switch (worn.slot()) {
            case JACKET -> Suiting.JACKET | (ofSuit ? Suiting.SUIT_JACKET : 0);
            case BOTTOM -> Suiting.BOTTOM | (ofSuit ? Suiting.SUIT_BOTTOM : 0);
            case MID -> (Tailoring.isPart(worn) ? Suiting.WAISTCOAT : 0) | (ofSuit ? Suiting.SUIT_MID : 0);
            default -> 0;
        };
    }

    private static int volume(Worn worn) {
        return switch (worn.slot()) {
            case TOP, JACKET -> worn.piece().fit().volume();
            case BOTTOM -> worn.piece().volume();
            default -> 0;
        };
    }

    private int end(Worn worn) {
        boolean ends = worn.slot() == ONEPIECE || worn.slot() == MID && isClosed(worn);
        if (!ends) {
            return PieceMeasures.NO_END;
        }
        return worn.piece().hem() == null ? 0 : hem(worn);
    }

    private static boolean isClosed(Worn mid) {
        return !mid.is(Finish.OPEN) && !mid.is(Finish.TUCKED) && mid.piece().hem() != null;
    }

    /**
     * What two ways to wear pieces add together.
     *
     * @param inner of the slot that comes first
     */
    public PairMeasures pairMeasures(Worn inner, Worn outer) {
        Slot first = inner.slot();
        Slot second = outer.slot();
        if (first == TOP && second == BOTTOM && inner.piece().hem() != null) {
            return seam(PairMeasures.Seam.TOP_AND_BOTTOM, topHem(inner, outer.piece()), inner, outer);
        }
        if (first == BOTTOM && second == ONEPIECE) {
            return seam(PairMeasures.Seam.ONEPIECE_AND_BOTTOM, 0, inner, outer);
        }
        if (first == ONEPIECE && second == LEGWEAR && hidesTheLeg(outer)) {
            return seam(PairMeasures.Seam.ONEPIECE_AND_LEGWEAR, 0, inner, outer);
        }
        if (first == ONEPIECE && second == MID && isClosed(outer)) {
            return seam(PairMeasures.Seam.LAYER_AND_ONEPIECE, 0, inner, outer);
        }
        if (second == JACKET && (first == BOTTOM || first == MID)) {
            return new PairMeasures(suiting(inner, outer), null, 0, 0);
        }
        if (first == BOTTOM && second == MID) {
            int difference = isClosed(outer) ? difference(inner, outer) : 0;
            return new PairMeasures(suiting(inner, outer), PairMeasures.Seam.LAYER_AND_BOTTOM, 0, difference);
        }
        return PairMeasures.NOTHING;
    }

    private int suiting(Worn inner, Worn outer) {
        boolean withMid = inner.slot() == MID || outer.slot() == MID;
        boolean withJacket = outer.slot() == JACKET;
        boolean broken = Tailoring.isBroken(inner, outer, context);
        int facts = broken ? Suiting.BROKEN : 0;
        facts |= broken && !withMid ? Suiting.JACKET_AND_BOTTOM_BROKEN : 0;
        if (inner.piece().sharesSetWith(outer.piece())) {
            facts |= !withMid
                    ? Suiting.JACKET_WITH_BOTTOM
                    : withJacket ? Suiting.MID_WITH_JACKET : Suiting.MID_WITH_BOTTOM;
        }
        if (withMid && withJacket && isApart(inner.piece(), outer.piece())) {
            facts |= Suiting.WAISTCOAT_APART;
        }
        if (isSameSuiting(inner, outer)) {
            facts |= withMid ? Suiting.ONE_PATTERN_WITHIN : Suiting.ONE_PATTERN_BELOW;
        }
        return facts;
    }

    private static PairMeasures seam(PairMeasures.Seam seam, int permille, Worn one, Worn other) {
        return new PairMeasures(0, seam, permille, difference(one, other));
    }

    private static int difference(Worn one, Worn other) {
        return shown(one.piece().colourDifference(other.piece()));
    }

    private static int shown(double difference) {
        return difference > VISIBLE ? (int) Math.round(difference) : 0;
    }

    /** A coat, a mid layer, and a jacket unless the dress code wants it, come off indoors. */
    private boolean isPeeled(Slot slot) {
        return slot == COAT || (!jacketStays && (slot == JACKET || slot == MID));
    }

    private static int centiClo(Worn worn) {
        int sum = 0;
        for (Piece piece : worn.pieces()) {
            sum += piece.centiClo();
        }
        return sum;
    }

    private static int metals(Worn worn) {
        if (worn.slot() == Slot.BASE || worn.slot() == UNDERSKIRT) {
            return 0;
        }
        int mask = 0;
        for (Piece piece : worn.pieces()) {
            if (piece.metal() != Metal.NONE) {
                mask |= 1 << piece.metal().ordinal();
            }
        }
        return mask;
    }

    private static Structure nearestStructure(Worn[] worn) {
        if (worn[DRAPE.ordinal()] != null) {
            return worn[BOTTOM.ordinal()] != null && worn[UNDERSKIRT.ordinal()] == null
                    ? Structure.DRAPED_OVER_SKIRT
                    : Structure.DRAPED_OVER_UNDERSKIRT;
        }
        return worn[ONEPIECE.ordinal()] != null ? Structure.ONE_PIECE : Structure.SEPARATES;
    }

    private static int colliding(Structure structure, Worn[] worn) {
        int mask = 0;
        for (Worn w : worn) {
            Slot slot = w == null ? null : w.slot();
            if (w != null && !(structure.allows(slot) && structure.takes(slot, w.piece()) && hasRole(w))) {
                mask |= 1 << slot.ordinal();
            }
        }
        return mask;
    }

    private static boolean hasRole(Worn worn) {
        for (Piece piece : worn.pieces()) {
            if (!piece.hasRole(worn.slot())) {
                return false;
            }
        }
        return true;
    }

    /** Under tailoring a waistcoat is part of the suit, or both are cloths of the country. */
    private static boolean isApart(Piece mid, Piece jacket) {
        boolean country = TradeTerms.isCountryCloth(mid) && TradeTerms.isCountryCloth(jacket);
        return mid.isOfKind("waistcoat")
                && TradeTerms.isTailoredJacket(jacket)
                && !mid.sharesSetWith(jacket)
                && !country;
    }

    /** Two patterned parts of one suit read as one pattern. */
    private static boolean isSameSuiting(Worn part, Worn other) {
        return part != null
                && other != null
                && !part.piece().isSolid()
                && !other.piece().isSolid()
                && part.piece().sharesSetWith(other.piece())
                && part.piece().cloth() == other.piece().cloth();
    }

    private static boolean isWaistDefined(Worn worn) {
        if (worn.slot() == BELT) {
            return true;
        }
        boolean cropped = worn.piece().hem() != null && worn.piece().hem().isCropped();
        return worn.slot() == TOP && (cropped || worn.finishes().stream().anyMatch(DEFINES_A_WAIST::contains));
    }

    /** Tights that show their own colour rather than the skin's. */
    public static boolean hidesTheLeg(Worn legwear) {
        return legwear.piece().get(Attribute.SHEERNESS) < 2 && legwear.piece().get(Attribute.DENIER) != null;
    }

    private int hem(Worn worn) {
        return heights[worn.piece().hem().landmark().ordinal()];
    }

    private int topHem(Worn top, Piece bottom) {
        if (top.is(Finish.TUCKED) && bottom.rise() != null) {
            return heights[bottom.rise().landmark().ordinal()];
        }
        if (top.is(Finish.HALF_TUCKED)) {
            return heights[Landmark.MID_RISE.ordinal()];
        }
        return top.is(Finish.KNOTTED) ? heights[Landmark.NATURAL_WAIST.ordinal()] : hem(top);
    }
}
