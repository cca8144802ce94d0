package jomble.core.judgement;

import java.util.Set;
import jomble.core.brief.DressCode;
import jomble.core.brief.Zone;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Everything whole-outfit rules may see: a few small numbers, read from the {@link Measure} table.
 *
 * <p>Masks have bit {@code 1 << ordinal} of their enumeration.
 */
public sealed class Summary permits MeasureAccumulator {
    /** Business: the highest formality a tie can raise an outfit to if all its pieces are below it. */
    public static final int MOST_BY_A_TIE = 5;
    /** Number of classes of suit parts that {@link #openSuiting()} can distinguish; ten bits hold one more. */
    public static final int MOST_SUITS = 1023;
    /**
     * Beside the clo of what is on, in the same sum, for a coat: with it the two sums of warmth also tell whether the
     * coat slot is empty, as where a coat is assumed. Above any sum of clo.
     */
    public static final int COAT_WORN = 1 << 12;

    /** In place of a way's number, for an empty slot. */
    public static final int NOTHING_WORN = -1;

    /** Above every hem. */
    static final int NO_END = Integer.MAX_VALUE;
    /** Below this height, in thousandths of stature, a one-piece leaves no leg to break against. */
    private static final int NEAR_FLOOR_PERMILLE = 100;

    private static final int MOST_STATEMENTS = 3;
    private static final int MOST_HEAT = 2;
    private static final int MOST_ACCENTS = 2;
    private static final int MOST_MAINS = 2;

    /** By ordinal of the measure. */
    final long[] measures;

    final boolean wantsShoes;
    Structure structure;

    Summary(Structure structure, boolean wantsShoes) {
        this(structure, wantsShoes, new long[Measure.COUNT]);
        Measure.clear(measures);
    }

    private Summary(Structure structure, boolean wantsShoes, long[] measures) {
        this.structure = structure;
        this.wantsShoes = wantsShoes;
        this.measures = measures;
    }

    /**
     * A summary of warmth alone, for rules that read nothing else.
     *
     * @param warmth as of {@link #warmth()}
     */
    public static Summary ofWarmth(int warmth, int peeledCentiClo) {
        MeasureAccumulator sums = new MeasureAccumulator(false);
        sums.add(Measure.WARMTH, warmth);
        sums.add(Measure.PEELED_CENTI_CLO, peeledCentiClo);
        return sums;
    }

    /** An immutable copy. */
    Summary snapshot() {
        return new Summary(structure, wantsShoes, measures.clone());
    }

    private int get(Measure measure) {
        return (int) measures[measure.ordinal()];
    }

    /** The structure formed, or the nearest one. */
    public final Structure structure() {
        return structure;
    }

    /** Slots in which something is worn. */
    public final int filledSlots() {
        return get(Measure.FILLED_SLOTS);
    }

    /** What the pieces could be as well, by {@link jomble.core.outfit.Reading#roles}. */
    public final int otherRoles() {
        return get(Measure.OTHER_ROLES);
    }

    private boolean wears(Slot slot) {
        return (filledSlots() & 1 << slot.ordinal()) != 0;
    }

    /** Required slots that are empty. */
    public final int missingSlots() {
        return structure.mandatoryMask(wantsShoes) & ~filledSlots();
    }

    /** Filled slots that the structure does not take, or whose piece has no such role. */
    public final int collidingSlots() {
        return get(Measure.COLLIDING_SLOTS);
    }

    /** The number of the way worn in the bottom, {@link #NOTHING_WORN} for none. */
    public final int bottom() {
        return get(Measure.BOTTOM_ID);
    }

    /** The number of the way worn as mid layer, {@link #NOTHING_WORN} for none. */
    public final int mid() {
        return get(Measure.MID_ID);
    }

    /** The number of the way worn as jacket, {@link #NOTHING_WORN} for none. */
    public final int jacket() {
        return get(Measure.JACKET_ID);
    }

    /** The number of the way worn as one-piece, {@link #NOTHING_WORN} for none. */
    public final int onepiece() {
        return get(Measure.ONEPIECE_ID);
    }

    private boolean wearsOnepiece() {
        return onepiece() != NOTHING_WORN;
    }

    /** Σ I_clu of everything on, in hundredths of a clo. */
    public final int fullCentiClo() {
        return warmth() % COAT_WORN;
    }

    public final boolean wearsCoat() {
        return warmth() >= COAT_WORN;
    }

    /** {@link #fullCentiClo()} and {@link #wearsCoat()} as one number; those of pieces add up. */
    public final int warmth() {
        return get(Measure.WARMTH);
    }

    /** Height of the hem of what leaves the leg bare, in thousandths of stature; 0 for none. */
    public final int legHem() {
        return get(Measure.LEG_HEM);
    }

    /** Height to which the shoes cover the leg, in thousandths of stature; 0 for low shoes and none. */
    public final int shaft() {
        return get(Measure.SHAFT);
    }

    /** Σ I_clu after the best peel, in hundredths of a clo. */
    public final int peeledCentiClo() {
        return get(Measure.PEELED_CENTI_CLO);
    }

    /** Number of formality slots at each level, four bits a level, level 1 lowest. */
    public final int formalities() {
        return get(Measure.FORMALITIES);
    }

    /** Lowest formality worn, 0 for none. */
    public final int lowestFormality() {
        return FormalityCounts.lowest(formalities());
    }

    /** Highest formality worn, 0 for none. */
    public final int highestFormality() {
        return FormalityCounts.highest(formalities());
    }

    /** Formality of the coat, 0 for none. */
    public final int coatFormality() {
        return get(Measure.COAT_FORMALITY);
    }

    /**
     * The outfit's formality: the lower median over the formality slots, or the jacket's formality for a whole suit;
     * one less when a suit is broken, at least 1; 0 when nothing is worn. A tie adds one, up to business or the
     * dressiest piece worn, because a tie turns a shirt into an office outfit but not a suit into evening dress.
     */
    public final int formality() {
        int lower = FormalityCounts.lowerMedian(formalities());
        int median = Math.max(suitBroken() && lower > 1 ? lower - 1 : lower, suitFormality());
        int most = Math.max(MOST_BY_A_TIE, highestFormality());
        return median > 0 && has(Sign.TIE_WORN) ? Math.max(median, Math.min(median + 1, most)) : median;
    }

    /** Whether a suit is broken anywhere. */
    public final boolean suitBroken() {
        return Suiting.has(get(Measure.SUITING), Suiting.BROKEN);
    }

    /** Formality of the jacket of a whole suit, 0 where none is worn. */
    public final int suitFormality() {
        return Suiting.has(get(Measure.SUITING), Suiting.JACKET_WITH_BOTTOM) && !suitBroken()
                ? get(Measure.JACKET_FORMALITY)
                : 0;
    }

    /**
     * 1 when trousers and waistcoat of one suit frame another jacket, 2 when a waistcoat belongs to neither jacket nor
     * bottom, 3 when three suits are mixed, else 0.
     */
    public final int suits() {
        return Suiting.suits(get(Measure.SUITING));
    }

    /**
     * 34 bits: a key of everything that suit parts added later can make of those worn; equal keys have equal outcomes.
     */
    public final long openSuiting() {
        return (get(Measure.BOTTOM_SUIT) + 1L) << 10 + Suiting.BITS
                | (get(Measure.MID_SUIT) + 1L) << Suiting.BITS
                | get(Measure.SUITING);
    }

    /** 21 bits: the suits whose parts are worn, and whether one is broken. */
    public final long suitsToCome() {
        return openSuiting() >> Suiting.BITS << 1 | (suitBroken() ? 1 : 0);
    }

    /** Number of patterned main pieces, not counting those that share a suit's cloth. */
    public final int patterned() {
        return get(Measure.PATTERNED)
                - (Suiting.has(get(Measure.SUITING), Suiting.ONE_PATTERN_BELOW) ? 1 : 0)
                - (Suiting.has(get(Measure.SUITING), Suiting.ONE_PATTERN_WITHIN) ? 1 : 0);
    }

    /** Families of the main pieces' dominant colours, neutrals left out. */
    public final int hueFamilies() {
        return get(Measure.HUE_FAMILIES);
    }

    /** Colour families of the main pieces, including neutrals. */
    public final int families() {
        return get(Measure.FAMILIES);
    }

    /** Families of the main pieces' saturated colours. */
    public final int saturated() {
        return get(Measure.SATURATED_FAMILIES);
    }

    /** Small saturated pieces, at most 2. */
    public final int accents() {
        return Math.min(MOST_ACCENTS, get(Measure.ACCENTS));
    }

    /** Lightness L* of the darkest main piece, 100 for none. */
    public final int darkest() {
        return get(Measure.DARKEST);
    }

    /** Lightness L* of the lightest main piece, 0 for none. */
    public final int lightest() {
        return get(Measure.LIGHTEST);
    }

    /** Visible metals. */
    public final int metals() {
        return get(Measure.METALS);
    }

    /** Surfaces of the main pieces, including marked textures. */
    public final int surfaces() {
        return get(Measure.SURFACES);
    }

    /** Main pieces, at most 2. */
    public final int mains() {
        return Math.min(MOST_MAINS, get(Measure.MAINS));
    }

    /** Volume of the jacket, or of the top without one; 0 when neither decides. */
    public final int upperVolume() {
        if (wearsOnepiece() || wears(Slot.DRAPE)) {
            return 0;
        }
        return wears(Slot.JACKET) ? get(Measure.JACKET_VOLUME) : get(Measure.TOP_VOLUME);
    }

    /** Volume of the bottom, 0 for none. */
    public final int lowerVolume() {
        return wearsOnepiece() ? 0 : get(Measure.BOTTOM_VOLUME);
    }

    /** Height of the strongest visible break in thousandths of stature, −1 for an unbroken column. */
    public final int breakPermille() {
        return (int) (strongestBreak() >> 32);
    }

    /** ΔE00 at that break, rounded to a whole number; 0 for none. */
    public final int breakDifference() {
        return (int) strongestBreak();
    }

    /** Height in the upper, rounded ΔE00 in the lower 32 bits; −1 and 0 for none. */
    private long strongestBreak() {
        int layerEnd = get(Measure.LAYER_END);
        long best = stronger(-1L << 32, layerEnd, layerDifference());
        if (!wearsOnepiece()) {
            int topEnd = get(Measure.TOP_END);
            return topEnd < layerEnd ? stronger(best, topEnd, get(Measure.TOP_TO_BOTTOM)) : best;
        }
        int againstLeg = wears(Slot.BOTTOM)
                ? get(Measure.ONEPIECE_TO_TROUSERS)
                : has(Sign.OPAQUE_LEGWEAR) ? get(Measure.ONEPIECE_TO_LEGWEAR) : get(Measure.ONEPIECE_TO_SKIN);
        int end = get(Measure.ONEPIECE_END);
        return end < NEAR_FLOOR_PERMILLE ? best : stronger(best, end, againstLeg);
    }

    private int layerDifference() {
        return get(wearsOnepiece() ? Measure.LAYER_TO_ONEPIECE : Measure.LAYER_TO_BOTTOM);
    }

    private static long stronger(long best, int permille, int difference) {
        return difference > (int) best ? (long) permille << 32 | difference : best;
    }

    /** A key of everything that hems and legs added later can make of what is worn; equal keys have equal outcomes. */
    public final long openBreak() {
        return breakWith(get(Measure.TOP_END));
    }

    /**
     * A coarser key for rules that only ask whether the strongest break is in a range of heights: a top that ends above
     * the range is hidden by every layer that ends within it, and one that ends below shows under all of them.
     *
     * @param fromPermille lowest height, in thousandths of stature
     * @param toPermille highest height
     */
    public final long openBreak(int fromPermille, int toPermille) {
        int topEnd = get(Measure.TOP_END);
        if (topEnd > toPermille) {
            return breakWith(NO_END);
        }
        return breakWith(topEnd < fromPermille ? fromPermille - 1 : topEnd);
    }

    private long breakWith(int topEnd) {
        long layerEnd = get(Measure.LAYER_END) & 0x3ff;
        if (wearsOnepiece()) {
            long legs = wears(Slot.BOTTOM)
                    ? get(Measure.ONEPIECE_TO_TROUSERS)
                    : has(Sign.OPAQUE_LEGWEAR) ? 0x100 | get(Measure.ONEPIECE_TO_LEGWEAR) : 0x200;
            return (onepiece() + 1L) << 32 | layerEnd << 20 | (long) layerDifference() << 10 | legs;
        }
        int difference = topEnd == NO_END ? 0 : get(Measure.TOP_TO_BOTTOM);
        long ends = (long) (topEnd & 0x3ff) << 20 | (long) difference << 10 | layerDifference();
        return (bottom() + 1L) << 42 | layerEnd << 32 | ends;
    }

    /** Whether the waist is defined by a tuck, a knot, a cropped hem or a belt. */
    public final boolean waistDefined() {
        return has(Sign.WAIST_DEFINED);
    }

    /** Whether a close top is worn under a roomy layer. */
    public final boolean closeInsideRoomy() {
        return has(Sign.CLOSE_TOP) && has(Sign.ROOMY_OUTER);
    }

    public final boolean has(Sign sign) {
        return (measures[Measure.SIGNS.ordinal()] & sign.bit()) != 0;
    }

    /** Those of the given signs that hold, as a number for a rule's key. */
    public final long among(Set<Sign> some) {
        long mask = 0;
        for (Sign sign : some) {
            mask |= sign.bit();
        }
        return measures[Measure.SIGNS.ordinal()] & mask;
    }

    /** Number of visible statement pieces, at most 3. */
    public final int statements() {
        return Math.min(MOST_STATEMENTS, get(Measure.STATEMENTS));
    }

    /** Things that hold heat, at most 2. */
    public final int heat() {
        return Math.min(MOST_HEAT, get(Measure.HEAT));
    }

    /** Zones of the body that layers which stay on cover. */
    public final int covered() {
        return get(Measure.COVERED_ZONES);
    }

    public final boolean covers(Zone zone) {
        return (covered() & 1 << zone.ordinal()) != 0;
    }

    /** Dress code requirements that a piece violates. */
    public final int violated() {
        return get(Measure.VIOLATED_CODES);
    }

    public final boolean violates(DressCode code) {
        return (violated() & 1 << code.ordinal()) != 0;
    }

    /** Pieces named in rulings on three or more pieces, as bits. */
    public final long named() {
        return measures[Measure.NAMED_PIECES.ordinal()];
    }
}
