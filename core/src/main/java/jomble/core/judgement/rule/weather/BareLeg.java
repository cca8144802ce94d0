package jomble.core.judgement.rule.weather;

import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;

/** How much of the leg is bare between the hem and what covers the foot. */
final class BareLeg {
    /** A gap that nobody feels: the knees between a skirt and tall boots. */
    static final int UNNOTICED_CM = 15;

    /** Of the figure the landmarks' means are published for. */
    private static final double STATURE_CM = 168;

    private static final int ANKLE_PERMILLE = 60;

    private BareLeg() {}

    /** The bare length in whole centimetres, half of it under a coat that ends at the knee or below; 0 in legwear. */
    static int cm(Summary summary) {
        double bare = permille(summary) / 1000.0 * STATURE_CM;
        return (int) Math.round(summary.has(Sign.KNEES_COVERED) ? bare / 2 : bare);
    }

    /**
     * The length between hem and shoe in thousandths of stature, 0 in legwear. With the signs it decides the findings
     * whatever is put on later, which rounded centimetres would not.
     */
    static int permille(Summary summary) {
        boolean covered = !summary.has(Sign.LEG_SHOWN)
                || summary.has(Sign.LEG_COVERED)
                || summary.has(Sign.OPAQUE_LEGWEAR)
                || summary.has(Sign.SHEER_LEGWEAR);
        return covered ? 0 : Math.max(0, summary.legHem() - Math.max(ANKLE_PERMILLE, summary.shaft()));
    }
}
