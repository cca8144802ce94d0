package jomble.core.judgement;

import jomble.core.piece.Slot;

/**
 * What one way to wear a piece adds to the measures of an outfit, in one context.
 *
 * @param id tells pieces apart whose hems or suits matter to what is put on later; any number but −1
 * @param suitId equal for pieces that meet every other as parts of suits alike; below {@link #MOST_SUITS}
 * @param fullCentiClo in hundredths of a clo, {@code peeledCentiClo} what stays after the best peel
 * @param formality of a formality slot, 0 elsewhere
 * @param coatFormality of a coat, 0 elsewhere
 * @param hueFamilies the hue of a main piece as a bit, 0 for a neutral
 * @param patterned 1 for a patterned main piece
 * @param tailoring bits of {@link Suiting}
 * @param volume of a top, a jacket or a bottom
 * @param end height of a hem in thousandths of stature: of a closed mid layer, or of a one-piece; {@link #NO_END} elsewhere
 * @param skinDifference ΔE00 of a one-piece against the bare leg below it, rounded, 0 where it does not show
 */
public record PieceMeasures(
        int id,
        int suitId,
        Slot slot,
        int fullCentiClo,
        int peeledCentiClo,
        int formality,
        int coatFormality,
        int hueFamilies,
        int metals,
        int patterned,
        int tailoring,
        int volume,
        boolean definesWaist,
        boolean closeTop,
        boolean roomyOuter,
        int end,
        int skinDifference,
        PieceSigns signs) {
    /** Ten bits of a key hold one more than it. */
    public static final int MOST_SUITS = 1023;

    static final int NO_END = Integer.MAX_VALUE;
}
