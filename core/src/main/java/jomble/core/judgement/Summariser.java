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
import java.util.Set;
import java.util.function.ToDoubleBiFunction;
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
    /** A one-piece that ends below this leaves nothing to break against. */
    private static final int NEAR_FLOOR_PERMILLE = 100;

    private static final int ROOMY = 3;
    private static final Set<Finish> DEFINES_A_WAIST =
            EnumSet.of(Finish.TUCKED, Finish.HALF_TUCKED, Finish.KNOTTED, Finish.BELTED);

    private final JudgementContext context;
    /** In thousandths of stature, by ordinal of the landmark. */
    private final int[] heights;

    private final boolean wantsShoes;
    private final boolean jacketStays;
    private final Lab skin;
    private final ToDoubleBiFunction<Piece, Piece> difference;
    private final SignReader signs;

    public Summariser(JudgementContext context) {
        this(context, Piece::colourDifference, false);
    }

    /** @param difference ΔE00 between the dominant colours of two pieces, for callers that keep what they worked out and ask by one thread */
    public Summariser(JudgementContext context, ToDoubleBiFunction<Piece, Piece> difference) {
        this(context, difference, true);
    }

    private Summariser(JudgementContext context, ToDoubleBiFunction<Piece, Piece> difference, boolean remembers) {
        this.difference = difference;
        this.signs = new SignReader(context, remembers);
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

    /** @param worn by ordinal of the slot, null where empty */
    public Summary summarise(Worn[] worn) {
        Structure structure = nearestStructure(worn);
        int filled = 0;
        int full = 0;
        int peeled = 0;
        int formalities = 0;
        int hues = 0;
        int metals = 0;
        for (Worn w : worn) {
            if (w == null) {
                continue;
            }
            filled |= 1 << w.slot().ordinal();
            int clo = centiClo(w);
            full += clo;
            peeled += isPeeled(w.slot()) ? 0 : clo;
            if (w.slot().isFormality()) {
                formalities = Summary.addFormality(formalities, w.piece().formality());
            }
            if (w.slot().isMain() && !w.piece().colourFamily().isNeutral()) {
                hues |= 1 << w.piece().colourFamily().ordinal();
            }
            metals |= metals(w);
        }
        Worn coat = worn[COAT.ordinal()];
        long seam = strongestBreak(worn);
        return new Summary(
                structure,
                structure.mandatoryMask(wantsShoes) & ~filled,
                colliding(structure, worn),
                full,
                peeled,
                formalities,
                coat == null ? 0 : coat.piece().formality(),
                isSuitBroken(worn),
                patterned(worn),
                hues,
                metals,
                upperVolume(worn),
                worn[BOTTOM.ordinal()] == null || worn[ONEPIECE.ordinal()] != null
                        ? 0
                        : worn[BOTTOM.ordinal()].piece().volume(),
                isWaistDefined(worn),
                isCloseInsideRoomy(worn),
                (int) (seam >> 32),
                (int) seam,
                suits(worn),
                signs.read(worn));
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

    private boolean isSuitBroken(Worn[] worn) {
        Worn jacket = worn[JACKET.ordinal()];
        Worn mid = worn[MID.ordinal()];
        Worn bottom = worn[BOTTOM.ordinal()];
        return Tailoring.isBroken(jacket, bottom, context)
                || Tailoring.isBroken(jacket, mid, context)
                || Tailoring.isBroken(mid, bottom, context);
    }

    /** Whose suits jacket, waistcoat and bottom are. */
    private int suits(Worn[] worn) {
        Worn jacket = worn[JACKET.ordinal()];
        Worn mid = worn[MID.ordinal()];
        Worn bottom = worn[BOTTOM.ordinal()];
        if (jacket == null || mid == null || bottom == null || !Tailoring.isPart(mid)) {
            return 0;
        }
        boolean middle = mid.piece().sharesSetWith(bottom.piece());
        boolean upper = mid.piece().sharesSetWith(jacket.piece());
        boolean outer = jacket.piece().sharesSetWith(bottom.piece());
        if (middle && !upper && Tailoring.isBroken(jacket, bottom, context)) {
            return 1;
        }
        boolean three =
                context.isOfSuit(jacket.piece()) && context.isOfSuit(mid.piece()) && context.isOfSuit(bottom.piece());
        return three && !middle && !upper && !outer ? 3 : 0;
    }

    private static int patterned(Worn[] worn) {
        int count = 0;
        for (Worn w : worn) {
            if (w != null && w.slot().isMain() && !w.piece().isSolid()) {
                count++;
            }
        }
        Worn jacket = worn[JACKET.ordinal()];
        Worn bottom = worn[BOTTOM.ordinal()];
        Worn mid = worn[MID.ordinal()];
        count -= isSameSuiting(bottom, jacket) ? 1 : 0;
        count -= isSameSuiting(mid, jacket) || isSameSuiting(mid, bottom) ? 1 : 0;
        return count;
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

    private static int upperVolume(Worn[] worn) {
        if (worn[ONEPIECE.ordinal()] != null || worn[DRAPE.ordinal()] != null) {
            return 0;
        }
        Worn upper = worn[JACKET.ordinal()] != null ? worn[JACKET.ordinal()] : worn[TOP.ordinal()];
        return upper == null ? 0 : upper.piece().fit().volume();
    }

    private static boolean isWaistDefined(Worn[] worn) {
        Worn top = worn[TOP.ordinal()];
        if (worn[BELT.ordinal()] != null) {
            return true;
        }
        if (top == null) {
            return false;
        }
        boolean cropped = top.piece().hem() != null && top.piece().hem().isCropped();
        return cropped || top.finishes().stream().anyMatch(DEFINES_A_WAIST::contains);
    }

    private static boolean isCloseInsideRoomy(Worn[] worn) {
        Worn top = worn[TOP.ordinal()];
        return top != null
                && top.piece().fit().volume() == 1
                && (isRoomy(worn[MID.ordinal()]) || isRoomy(worn[JACKET.ordinal()]) || isRoomy(worn[COAT.ordinal()]));
    }

    private static boolean isRoomy(Worn worn) {
        return worn != null && worn.piece().fit().volume() >= ROOMY;
    }

    /** Height in the upper, rounded ΔE00 in the lower 32 bits; −1 and 0 for none. */
    private long strongestBreak(Worn[] worn) {
        Worn top = worn[TOP.ordinal()];
        Worn bottom = worn[BOTTOM.ordinal()];
        Worn onepiece = worn[ONEPIECE.ordinal()];
        Worn mid = worn[MID.ordinal()];
        boolean closedMid = mid != null && !mid.is(Finish.OPEN) && mid.piece().hem() != null;
        long best = -1L << 32;
        if (onepiece != null) {
            best = closedMid ? stronger(best, hem(mid), difference.applyAsDouble(mid.piece(), onepiece.piece())) : best;
            int end = onepiece.piece().hem() == null ? 0 : hem(onepiece);
            return end < NEAR_FLOOR_PERMILLE ? best : stronger(best, end, againstLeg(onepiece, worn));
        }
        if (bottom == null) {
            return best;
        }
        int midEnd = closedMid ? hem(mid) : Integer.MAX_VALUE;
        if (closedMid) {
            best = stronger(best, midEnd, difference.applyAsDouble(mid.piece(), bottom.piece()));
        }
        if (top != null && top.piece().hem() != null) {
            int end = topHem(top, bottom.piece());
            best = end < midEnd ? stronger(best, end, difference.applyAsDouble(top.piece(), bottom.piece())) : best;
        }
        return best;
    }

    private static long stronger(long best, int permille, double difference) {
        int rounded = (int) Math.round(difference);
        return difference > VISIBLE && rounded > (int) best ? (long) permille << 32 | rounded : best;
    }

    private double againstLeg(Worn onepiece, Worn[] worn) {
        Worn bottom = worn[BOTTOM.ordinal()];
        Worn legwear = worn[LEGWEAR.ordinal()];
        Lab own = onepiece.piece().dominant();
        if (bottom != null) {
            return difference.applyAsDouble(onepiece.piece(), bottom.piece());
        }
        if (legwear != null && hidesTheLeg(legwear)) {
            return difference.applyAsDouble(onepiece.piece(), legwear.piece());
        }
        return skin == null ? BARE_LEG : Ciede2000.difference(own, skin);
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
