package jomble.core.judgement;

/**
 * What two ways to wear pieces add to the measures of an outfit together.
 *
 * @param suiting bits of {@link Suiting}
 * @param seam where the two meet in sight, or null
 * @param permille height of that seam in thousandths of stature
 * @param difference ΔE00 across it, rounded; 0 where it does not show
 */
public record PairMeasures(int suiting, Seam seam, int permille, int difference) {
    static final PairMeasures NOTHING = new PairMeasures(0, null, 0, 0);

    /** A place where one piece ends against another. */
    enum Seam {
        TOP_AND_BOTTOM,
        LAYER_AND_BOTTOM,
        LAYER_AND_ONEPIECE,
        ONEPIECE_AND_BOTTOM,
        ONEPIECE_AND_LEGWEAR
    }

    public boolean isNothing() {
        return suiting == 0 && seam == null;
    }
}
