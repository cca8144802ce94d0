package jomble.core.judgement;

import jomble.core.outfit.Structure;

/**
 * All that rules about the whole outfit may see: a few small numbers.
 *
 * <p>Masks have bit {@code 1 << ordinal} of their enumeration.
 *
 * @param structure the structure formed, or the one nearest to what is worn
 * @param missingSlots slots the structure wants and that are empty
 * @param collidingSlots filled slots the structure does not take, or whose piece has no such role
 * @param fullCentiClo Σ I_clu of everything on, in hundredths of a clo
 * @param peeledCentiClo the same after the best peel
 * @param formalities how many formality slots hold each level, four bits a level, level 1 lowest
 * @param coatFormality formality of the coat, 0 for none
 * @param suitBroken whether a suit is broken anywhere
 * @param patterned patterned main pieces, less those that share a suit's cloth
 * @param hueFamilies families of the main pieces' dominant colours, neutrals left out
 * @param metals metals in sight
 * @param upperVolume volume of the jacket, or of the top without one; 0 when neither decides
 * @param lowerVolume volume of the bottom, 0 for none
 * @param waistDefined by a tuck, a knot, a cropped hem or a belt
 * @param closeInsideRoomy a close top under a roomy layer
 * @param breakPermille height of the strongest visible break in thousandths of stature, −1 for an unbroken column
 * @param breakDifference ΔE00 at that break, rounded to a whole number; 0 for none
 * @param suits 1 where trousers and waistcoat of one suit frame another jacket, 3 where three suits meet, else 0
 * @param signs facts and small counts
 */
public record Summary(
        Structure structure,
        int missingSlots,
        int collidingSlots,
        int fullCentiClo,
        int peeledCentiClo,
        int formalities,
        int coatFormality,
        boolean suitBroken,
        int patterned,
        int hueFamilies,
        int metals,
        int upperVolume,
        int lowerVolume,
        boolean waistDefined,
        boolean closeInsideRoomy,
        int breakPermille,
        int breakDifference,
        int suits,
        Signs signs) {
    private static final int LEVELS = 7;
    private static final int BITS = 4;

    /** Of nothing worn. */
    public static final Summary EMPTY =
            new Summary(null, 0, 0, 0, 0, 0, 0, false, 0, 0, 0, 0, 0, false, false, -1, 0, 0, Signs.NONE);

    static int addFormality(int formalities, int level) {
        return formalities + (1 << BITS * (level - 1));
    }

    private int countAt(int level) {
        return formalities >> BITS * (level - 1) & 0xf;
    }

    /** Lowest formality worn, 0 when nothing is. */
    public int lowestFormality() {
        for (int level = 1; level <= LEVELS; level++) {
            if (countAt(level) > 0) {
                return level;
            }
        }
        return 0;
    }

    public int highestFormality() {
        for (int level = LEVELS; level >= 1; level--) {
            if (countAt(level) > 0) {
                return level;
            }
        }
        return 0;
    }

    /** Lower median over the formality slots, one less when a suit is broken, at least 1; 0 when nothing is worn. */
    public int formality() {
        int pieces = 0;
        for (int level = 1; level <= LEVELS; level++) {
            pieces += countAt(level);
        }
        int seen = 0;
        for (int level = 1; level <= LEVELS; level++) {
            seen += countAt(level);
            if (pieces > 0 && seen > (pieces - 1) / 2) {
                return Math.max(1, suitBroken ? level - 1 : level);
            }
        }
        return 0;
    }

    /** The same outfit with other sums of clo, for rules that read nothing else. */
    public Summary withCentiClo(int full, int peeled) {
        return new Summary(
                structure,
                missingSlots,
                collidingSlots,
                full,
                peeled,
                formalities,
                coatFormality,
                suitBroken,
                patterned,
                hueFamilies,
                metals,
                upperVolume,
                lowerVolume,
                waistDefined,
                closeInsideRoomy,
                breakPermille,
                breakDifference,
                suits,
                signs);
    }
}
