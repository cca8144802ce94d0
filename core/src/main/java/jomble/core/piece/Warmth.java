package jomble.core.piece;

/**
 * The insulation of a kind of garment at a light and at a heavy cloth.
 *
 * <p>Source of the garment values: ISO 9920 and ASHRAE 55. The interpolation is our choice: linear in cloth weight
 * between weight 2 and weight 4 and on to 1 and 5; a bare arm saves 48 % of a sleeved garment (as long-sleeved and
 * sleeveless shirts, dresses and sweaters do in the table); a hem lower by a tenth of stature adds 16 % (as a long
 * winter coat does over a coat).
 *
 * @param lightClo I_clu at cloth weight 2
 * @param heavyClo I_clu at cloth weight 4
 */
record Warmth(double lightClo, double heavyClo) {
    private static final double ARMS_FRACTION = 0.48;
    private static final double PER_STATURE = 1.6;

    /**
     * Garment insulation I_clu in clo, at least 0, rounded to 0.01 so that sums are exact.
     *
     * @param sleeveLossFraction part of the arm bared against the kind's usual sleeve, −1..1
     * @param lengthGainFraction part of stature by which the hem is lower than usual
     */
    double clo(int clothWeight, double sleeveLossFraction, double lengthGainFraction) {
        double atWeight = lightClo + (heavyClo - lightClo) * (clothWeight - 2) / 2.0;
        double clo = atWeight * (1 - ARMS_FRACTION * sleeveLossFraction) * (1 + PER_STATURE * lengthGainFraction);
        return Math.max(0, Math.round(clo * 100) / 100.0);
    }
}
