package jomble.core.judgement;

import jomble.core.outfit.Structure;

/**
 * All that rules about the whole outfit may see: a few small numbers.
 *
 * <p>Masks have bit {@code 1 << ordinal} of their enumeration.
 */
public interface Summary {
    /** Business: what a tie can raise an outfit to whose pieces are all below it. */
    int MOST_BY_A_TIE = 5;

    /** The structure formed, or the one nearest to what is worn. */
    Structure structure();

    /** Slots in which something is worn. */
    int filledSlots();

    /** Slots the structure wants and that are empty. */
    int missingSlots();

    /** Filled slots the structure does not take, or whose piece has no such role. */
    int collidingSlots();

    /** Σ I_clu of everything on, in hundredths of a clo. */
    int fullCentiClo();

    /** The same after the best peel. */
    int peeledCentiClo();

    /** How many formality slots hold each level, four bits a level, level 1 lowest. */
    int formalities();

    /** Formality of the coat, 0 for none. */
    int coatFormality();

    /** Whether a suit is broken anywhere. */
    boolean suitBroken();

    /** Formality of the jacket of a whole suit, 0 where none is worn. */
    int suitFormality();

    /** 21 bits: of which suits parts are worn, and whether one is broken. */
    long suitsToCome();

    /** Patterned main pieces, less those that share a suit's cloth. */
    int patterned();

    /** Families of the main pieces' dominant colours, neutrals left out. */
    int hueFamilies();

    /** Metals in sight. */
    int metals();

    /** Volume of the jacket, or of the top without one; 0 when neither decides. */
    int upperVolume();

    /** Volume of the bottom, 0 for none. */
    int lowerVolume();

    /** By a tuck, a knot, a cropped hem or a belt. */
    boolean waistDefined();

    /** A close top. */
    boolean closeTop();

    /** A layer with room over whatever is beneath. */
    boolean roomyOuter();

    /** Height of the strongest visible break in thousandths of stature, −1 for an unbroken column. */
    int breakPermille();

    /** ΔE00 at that break, rounded to a whole number; 0 for none. */
    int breakDifference();

    /**
     * 1 where trousers and waistcoat of one suit frame another jacket, 2 where a waistcoat belongs to neither jacket nor bottom, 3 where
     * three suits meet, else 0.
     */
    int suits();

    /** 34 bits: what parts of suits that are put on later will make of those worn, as a number that differs where that differs. */
    long openSuiting();

    /** What hems and legs that are put on later will make of what is worn, as a number that differs where that differs. */
    long openBreak();

    /**
     * The same to one who asks only whether the strongest break is at some heights; more outfits may have equal numbers.
     *
     * @param fromPermille the lowest of these heights, in thousandths of stature
     * @param toPermille the highest
     */
    default long openBreak(int fromPermille, int toPermille) {
        return openBreak();
    }

    /** Facts and small counts. */
    Signs signs();

    /** Of something that is warm and nothing else, for rules that read nothing else. */
    static Summary ofWarmth(int fullCentiClo, int peeledCentiClo) {
        return FixedSummary.of(MeasureAccumulator.ofWarmth(fullCentiClo, peeledCentiClo));
    }

    /** A close top under a roomy layer. */
    default boolean closeInsideRoomy() {
        return closeTop() && roomyOuter();
    }

    /** Lowest formality worn, 0 when nothing is. */
    default int lowestFormality() {
        for (int level = 1; level <= FormalityCounts.LEVELS; level++) {
            if (FormalityCounts.at(formalities(), level) > 0) {
                return level;
            }
        }
        return 0;
    }

    default int highestFormality() {
        for (int level = FormalityCounts.LEVELS; level >= 1; level--) {
            if (FormalityCounts.at(formalities(), level) > 0) {
                return level;
            }
        }
        return 0;
    }

    /**
     * Lower median over the formality slots, of a whole suit the formality of its jacket; one less when a suit is broken, at least 1; 0 when nothing is worn. A tie adds one, up to
     * business or to the dressiest piece worn: a tie makes an office outfit of a shirt, and no evening outfit of a suit.
     */
    default int formality() {
        int median = Math.max(medianFormality(), suitFormality());
        int most = Math.max(MOST_BY_A_TIE, highestFormality());
        return median > 0 && signs().has(Sign.TIE_WORN) ? Math.max(median, Math.min(median + 1, most)) : median;
    }

    private int medianFormality() {
        int pieces = 0;
        for (int level = 1; level <= FormalityCounts.LEVELS; level++) {
            pieces += FormalityCounts.at(formalities(), level);
        }
        int seen = 0;
        for (int level = 1; level <= FormalityCounts.LEVELS; level++) {
            seen += FormalityCounts.at(formalities(), level);
            if (pieces > 0 && seen > (pieces - 1) / 2) {
                return Math.max(1, suitBroken() ? level - 1 : level);
            }
        }
        return 0;
    }
}
