package jomble.core.climate;

/**
 * Thermal comfort of a clothed person: Fanger's predicted mean vote.
 *
 * <p>Source: ISO 7730:2005, annex D; insulation of an ensemble from ISO 9920:2007, I_cl = 0.161 + 0.835 · Σ I_clu.
 * Outside the standard's range (10–30 °C, 0–2 clo, 0.8–4 met, up to 1 m/s) the same equation is an estimate.
 */
public final class Comfort {
    private static final double WATTS_PER_MET = 58.15;
    private static final double SQUARE_METRES_KELVIN_PER_CLO = 0.155;
    private static final double KELVIN = 273;
    private static final int MOST_ITERATIONS = 150;
    private static final double TOLERANCE = 0.00015;

    private Comfort() {}

    /** The thermal environment and activity; air and radiant temperature are taken as equal. */
    public record Surroundings(double airC, double radiantC, double airMs, double humidityPercent, double met) {}

    /** Ensemble insulation I_cl in clo from the sum of garment insulations. */
    public static double ensembleClo(double sumOfGarmentsClo) {
        return sumOfGarmentsClo <= 0 ? 0 : 0.161 + 0.835 * sumOfGarmentsClo;
    }

    /**
     * Predicted mean vote, −3 cold to +3 hot (not clamped).
     *
     * @param ensembleClo I_cl in clo
     */
    public static double pmv(Surroundings at, double ensembleClo) {
        double vapourPa = at.humidityPercent() * 10 * Math.exp(16.6536 - 4030.183 / (at.airC() + 235));
        double insulation = SQUARE_METRES_KELVIN_PER_CLO * ensembleClo;
        double heat = at.met() * WATTS_PER_MET;
        double areaFactor = insulation <= 0.078 ? 1 + 1.29 * insulation : 1.05 + 0.645 * insulation;
        double clothesC = clothesTemperature(at, insulation, heat, areaFactor);

        double skinDiffusion = 3.05 * 0.001 * (5733 - 6.99 * heat - vapourPa);
        double sweat = heat > WATTS_PER_MET ? 0.42 * (heat - WATTS_PER_MET) : 0;
        double breathLatent = 1.7e-5 * heat * (5867 - vapourPa);
        double breathDry = 0.0014 * heat * (34 - at.airC());
        double radiation =
                3.96 * areaFactor * (power4(clothesC / 100 + KELVIN / 100) - power4((at.radiantC() + KELVIN) / 100));
        double convection = areaFactor * transfer(at, clothesC) * (clothesC - at.airC());
        double load = heat - skinDiffusion - sweat - breathLatent - breathDry - radiation - convection;
        return (0.303 * Math.exp(-0.036 * heat) + 0.028) * load;
    }

    /** Predicted percentage dissatisfied, 5..100, from the vote. */
    public static double ppd(double pmv) {
        return 100 - 95 * Math.exp(-0.03353 * Math.pow(pmv, 4) - 0.2179 * pmv * pmv);
    }

    /** The standard's fixed-point iteration for the temperature of the clothes' surface, in °C. */
    private static double clothesTemperature(Surroundings at, double insulation, double heat, double areaFactor) {
        double airK = at.airC() + KELVIN;
        double radiantK = at.radiantC() + KELVIN;
        double p1 = insulation * areaFactor;
        double p2 = p1 * 3.96;
        double p3 = p1 * 100;
        double p4 = p1 * airK;
        double p5 = 308.7 - 0.028 * heat + p2 * power4(radiantK / 100);
        double forced = 12.1 * Math.sqrt(at.airMs());
        double next = (airK + (35.5 - at.airC()) / (3.5 * (6.45 * insulation + 0.1))) / 100;
        double current = next * 2;
        for (int i = 0; i < MOST_ITERATIONS && Math.abs(next - current) > TOLERANCE; i++) {
            current = (current + next) / 2;
            if (i == 0) {
                current = next;
            }
            double free = 2.38 * Math.pow(Math.abs(100 * current - airK), 0.25);
            double transfer = Math.max(forced, free);
            next = (p5 + p4 * transfer - p2 * power4(current)) / (100 + p3 * transfer);
        }
        return 100 * next - KELVIN;
    }

    private static double transfer(Surroundings at, double clothesC) {
        double free = 2.38 * Math.pow(Math.abs(clothesC - at.airC()), 0.25);
        return Math.max(12.1 * Math.sqrt(at.airMs()), free);
    }

    private static double power4(double x) {
        return x * x * x * x;
    }
}
