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
import jomble.core.outfit.Reading;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Finish;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;
import jomble.core.proportion.Heights;
import jomble.core.proportion.Landmark;

/** Measures outfits for the whole-outfit rules in one context. Keeps no state between outfits. */
public final class Summariser {
    /** Below this ΔE00 two colours at a hem read as one column. */
    private static final double VISIBLE = 10;
    /** Assumed ΔE00 of a hem over a bare leg of unknown colour: clearly visible. */
    private static final double BARE_LEG = 30;

    private static final double ACCENT_CHROMA = 35;
    private static final double SATURATED_CHROMA = 45;
    /** The bit of no lustre; textures 0 to 3 take the bits below it. */
    private static final int LUSTRES = 4;

    private static final Set<Slot> SMALL =
            EnumSet.of(Slot.SHOES, Slot.BAG, Slot.NECK, Slot.TIE, Slot.HAT, BELT, LEGWEAR);
    /** The slots whose pieces contribute in pairs. */
    private static final List<Slot> MEETING = List.of(TOP, BOTTOM, ONEPIECE, MID, JACKET, LEGWEAR);

    private final JudgementContext context;
    /** In thousandths of stature, by ordinal of the landmark. */
    private final int[] heights;

    private final boolean wantsShoes;
    private final boolean jacketStays;
    private final Lab skin;
    private final SignReader signs;
    private final CoveredZones covered;
    private final DressCodeViolations violations;

    public Summariser(JudgementContext context) {
        this.signs = new SignReader(context);
        this.covered = new CoveredZones(context);
        this.violations = new DressCodeViolations(context);
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

    /** @param worn by the slot's ordinal, null where empty */
    public Summary summarise(Worn[] worn) {
        MeasureAccumulator accumulator = accumulator();
        measure(worn, one -> contribution(one, 0, 0), this::contribution, accumulator);
        return accumulator.snapshot();
    }

    /**
     * Measures an outfit from given contributions.
     *
     * @param worn by the slot's ordinal, null where empty
     * @param ofPiece contribution of each way; {@code ofPair} of two ways in slot order
     */
    public void measure(
            Worn[] worn,
            Function<Worn, Contribution> ofPiece,
            BiFunction<Worn, Worn, Contribution> ofPair,
            MeasureAccumulator accumulator) {
        Structure structure = nearestStructure(worn);
        accumulator.clear(structure);
        for (Worn one : worn) {
            if (one != null) {
                accumulator.add(ofPiece.apply(one));
            }
        }
        for (Slot inner : MEETING) {
            for (Slot outer : MEETING) {
                Worn one = worn[inner.ordinal()];
                Worn other = worn[outer.ordinal()];
                if (one != null && other != null && inner.compareTo(outer) < 0) {
                    accumulator.add(ofPair.apply(one, other));
                }
            }
        }
        accumulator.add(Measure.COLLIDING_SLOTS, colliding(structure, worn));
    }

    /** Everything that later pieces can make of this one as part of a suit, as a comparable value. */
    public Object suitOf(Worn worn) {
        Piece piece = worn.piece();
        Object cloth = piece.setId() == null || piece.isSolid() ? List.of() : piece.cloth();
        boolean country = worn.slot() == MID && TradeTerms.isCountryCloth(piece);
        return List.of(Tailoring.isPart(worn), piece.setId() == null ? List.of() : piece.setId(), cloth, country);
    }

    /**
     * The contribution of one way to wear a piece.
     *
     * @param id number of the way; distinguishes pieces that affect what is added later
     * @param suitId equal for ways that pair with all others alike as suit parts; below {@link Summary#MOST_SUITS}
     */
    public Contribution contribution(Worn worn, int id, int suitId) {
        Slot slot = worn.slot();
        Piece piece = worn.piece();
        int clo = centiClo(worn);
        Contribution.Builder adds = new Contribution.Builder()
                .add(Measure.FILLED_SLOTS, 1L << slot.ordinal())
                .add(Measure.WARMTH, clo + (slot == COAT ? Summary.COAT_WORN : 0))
                .add(Measure.PEELED_CENTI_CLO, isPeeled(slot) ? 0 : clo)
                .add(Measure.METALS, metals(worn))
                .add(Measure.SUITING, suiting(worn))
                .add(Measure.OTHER_ROLES, Reading.roles(slot, piece));
        if (slot.isFormality() && piece.formality() > 0) {
            // A one-piece is both top and bottom and counts as both.
            adds.add(Measure.FORMALITIES, FormalityCounts.one(piece.formality()) * (slot == ONEPIECE ? 2L : 1L));
        }
        if (slot.isMain()) {
            int family = 1 << piece.colourFamily().ordinal();
            adds.add(Measure.MAINS, 1)
                    .add(Measure.FAMILIES, family)
                    .add(Measure.HUE_FAMILIES, piece.colourFamily().isNeutral() ? 0 : family)
                    .add(Measure.SATURATED_FAMILIES, piece.dominant().chroma() > SATURATED_CHROMA ? family : 0)
                    .add(Measure.DARKEST, (int) piece.dominant().l())
                    .add(Measure.LIGHTEST, (int) piece.dominant().l())
                    .add(Measure.SURFACES, surface(piece))
                    .add(Measure.PATTERNED, piece.isPatterned() ? 1 : 0);
        }
        if (SMALL.contains(slot)) {
            adds.add(Measure.ACCENTS, piece.dominant().chroma() > ACCENT_CHROMA ? 1 : 0);
        }
        addOfSlot(worn, id, suitId, adds);
        adds.add(Measure.COVERED_ZONES, covered.of(worn)).add(Measure.VIOLATED_CODES, violations.of(worn));
        signs.read(worn, adds);
        return adds.build();
    }

    /** Adds the measures that only one slot can contribute to. */
    private void addOfSlot(Worn worn, int id, int suitId, Contribution.Builder adds) {
        Piece piece = worn.piece();
        switch (worn.slot()) {
            case TOP -> adds.add(Measure.TOP_VOLUME, piece.fit().volume());
            case BOTTOM ->
                adds.add(Measure.LEG_HEM, SignReader.showsTheLeg(piece) ? hem(worn) : 0)
                        .add(Measure.BOTTOM_VOLUME, piece.volume())
                        .add(Measure.BOTTOM_ID, id)
                        .add(Measure.BOTTOM_SUIT, suitId);
            case ONEPIECE ->
                adds.add(Measure.LEG_HEM, SignReader.showsTheLeg(piece) ? hem(worn) : 0)
                        .add(Measure.ONEPIECE_ID, id)
                        .add(Measure.ONEPIECE_END, piece.hem() == null ? 0 : hem(worn))
                        .add(
                                Measure.ONEPIECE_TO_SKIN,
                                shown(skin == null ? BARE_LEG : Ciede2000.difference(piece.dominant(), skin)));
            case MID ->
                adds.add(Measure.MID_ID, id)
                        .add(Measure.MID_SUIT, suitId)
                        .add(Measure.LAYER_END, isClosed(worn) ? hem(worn) : Summary.NO_END);
            case JACKET ->
                adds.add(Measure.JACKET_ID, id)
                        .add(Measure.JACKET_VOLUME, piece.fit().volume())
                        .add(Measure.JACKET_FORMALITY, piece.formality());
            case COAT -> adds.add(Measure.COAT_FORMALITY, piece.formality());
            case SHOES -> adds.add(Measure.SHAFT, TradeTerms.shaftPermille(piece));
            default -> {}
        }
    }

    /** Surfaces differ by lustre or by grain; a smooth knit and a smooth weave are one surface to the eye. */
    private static int surface(Piece piece) {
        int sheen = piece.get(Attribute.SHEEN);
        return sheen > 0 ? 1 << LUSTRES + sheen : 1 << piece.get(Attribute.TEXTURE);
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

    private static boolean isClosed(Worn mid) {
        return !mid.is(Finish.OPEN) && !mid.is(Finish.TUCKED) && mid.piece().hem() != null;
    }

    /**
     * The contribution of a pair of ways.
     *
     * @param inner in the slot that comes first
     */
    public Contribution contribution(Worn inner, Worn outer) {
        return switch (outer.slot()) {
            case BOTTOM ->
                inner.slot() == TOP && inner.piece().hem() != null ? waist(inner, outer) : Contribution.NOTHING;
            case ONEPIECE ->
                inner.slot() == BOTTOM ? seam(Measure.ONEPIECE_TO_TROUSERS, inner, outer) : Contribution.NOTHING;
            case LEGWEAR ->
                inner.slot() == ONEPIECE && hidesTheLeg(outer)
                        ? seam(Measure.ONEPIECE_TO_LEGWEAR, inner, outer)
                        : Contribution.NOTHING;
            case MID -> underLayer(inner, outer);
            case JACKET ->
                inner.slot() == BOTTOM || inner.slot() == MID
                        ? new Contribution.Builder()
                                .add(Measure.SUITING, suiting(inner, outer))
                                .build()
                        : Contribution.NOTHING;
            default -> Contribution.NOTHING;
        };
    }

    private Contribution waist(Worn top, Worn bottom) {
        return new Contribution.Builder()
                .add(Measure.TOP_END, topHem(top, bottom.piece()))
                .add(Measure.TOP_TO_BOTTOM, difference(top, bottom))
                .build();
    }

    private Contribution underLayer(Worn inner, Worn layer) {
        if (inner.slot() == ONEPIECE && isClosed(layer)) {
            return seam(Measure.LAYER_TO_ONEPIECE, inner, layer);
        }
        if (inner.slot() != BOTTOM) {
            return Contribution.NOTHING;
        }
        Contribution.Builder adds = new Contribution.Builder().add(Measure.SUITING, suiting(inner, layer));
        return isClosed(layer)
                ? adds.add(Measure.LAYER_TO_BOTTOM, difference(inner, layer)).build()
                : adds.build();
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

    private static Contribution seam(Measure measure, Worn one, Worn other) {
        return new Contribution.Builder().add(measure, difference(one, other)).build();
    }

    private static int difference(Worn one, Worn other) {
        return shown(one.piece().colourDifference(other.piece()));
    }

    private static int shown(double difference) {
        return difference > VISIBLE ? (int) Math.round(difference) : 0;
    }

    /** Coats, mid layers, and jackets unless the dress code requires one, come off indoors. */
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

    /** Whether a waistcoat under tailoring is neither part of the suit nor, like the jacket, of country cloth. */
    private static boolean isApart(Piece mid, Piece jacket) {
        boolean country = TradeTerms.isCountryCloth(mid) && TradeTerms.isCountryCloth(jacket);
        return mid.is(Trait.WAISTCOAT) && TradeTerms.isTailoredJacket(jacket) && !mid.sharesSetWith(jacket) && !country;
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
