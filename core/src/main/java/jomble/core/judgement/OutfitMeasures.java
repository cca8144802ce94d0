package jomble.core.judgement;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import jomble.core.climate.Comfort;
import jomble.core.climate.Comfort.Surroundings;
import jomble.core.colour.ColourFamily;
import jomble.core.outfit.Worn;

/**
 * What is measured of an outfit and shown, but not scored.
 *
 * @param clo Σ I_clu of everything on
 * @param peeledClo the same after the best peel
 * @param comfortLowC coldest air, to 0.5 °C, for a brisk walk (2.3 met, 0.4 m/s) with everything on at PMV ≥ −1
 * @param comfortHighC warmest air, to 0.5 °C, for a stroll (1.4 met, 0.3 m/s) after the best peel at PMV ≤ +1
 * @param dressedHighC warmest air for the same stroll with everything on
 * @param scheme name of the colour scheme
 */
public record OutfitMeasures(
        double clo, double peeledClo, double comfortLowC, double comfortHighC, double dressedHighC, String scheme) {
    private static final double WALKING_MET = 2.3;
    private static final double STROLLING_MET = 1.4;
    private static final double HUMIDITY_PERCENT = 50;
    private static final double COLDEST_C = -40;
    private static final double HOTTEST_C = 45;
    private static final int SECTORS = 12;

    public static OutfitMeasures of(Judgement judgement, JudgementContext context) {
        double clo = judgement.summary().fullCentiClo() / 100.0;
        double peeled = judgement.summary().peeledCentiClo() / 100.0;
        double offset = context.brief().pmvOffset();
        double low = reaches(-1, air -> vote(air, 0.4, WALKING_MET, clo) + offset);
        double high = reaches(1, air -> vote(air, 0.3, STROLLING_MET, peeled) + offset);
        double dressed = reaches(1, air -> vote(air, 0.3, STROLLING_MET, clo) + offset);
        return new OutfitMeasures(
                clo,
                peeled,
                half(Math.ceil(low * 2)),
                half(Math.floor(high * 2)),
                half(Math.floor(dressed * 2)),
                scheme(judgement));
    }

    private static double half(double doubled) {
        return doubled / 2;
    }

    private static double vote(double airC, double airMs, double met, double clo) {
        return Comfort.pmv(new Surroundings(airC, airC, airMs, HUMIDITY_PERCENT, met), Comfort.ensembleClo(clo));
    }

    /** The air temperature at which a vote that rises with it reaches a value; by bisection. */
    private static double reaches(double value, DoubleUnaryOperator vote) {
        double from = COLDEST_C;
        double to = HOTTEST_C;
        while (to - from > 0.01) {
            double middle = (from + to) / 2;
            if (vote.applyAsDouble(middle) < value) {
                from = middle;
            } else {
                to = middle;
            }
        }
        return (from + to) / 2;
    }

    /** Named after the hue families of the main pieces: none, one, neighbours, opposites, a triad, or several. */
    private static String scheme(Judgement judgement) {
        Set<ColourFamily> hues = EnumSet.noneOf(ColourFamily.class);
        boolean achromatic = true;
        boolean neutral = false;
        for (Worn worn : judgement.outfit().worn()) {
            if (worn.slot().isMain()) {
                ColourFamily family = worn.piece().colourFamily();
                achromatic &= family == ColourFamily.ACHROMATIC;
                neutral |= family.isNeutral();
                if (!family.isNeutral()) {
                    hues.add(family);
                }
            }
        }
        if (hues.isEmpty()) {
            return achromatic ? "achromatic" : "neutrals";
        }
        if (hues.size() == 1) {
            return neutral ? "neutrals + accent" : "monochromatic";
        }
        return schemeOf(hues.stream().mapToInt(Enum::ordinal).sorted().toArray());
    }

    private static String schemeOf(int[] sectors) {
        int widest = 0;
        for (int i = 0; i < sectors.length; i++) {
            int next = sectors[(i + 1) % sectors.length];
            widest = Math.max(widest, Math.floorMod(next - sectors[i], SECTORS));
        }
        int span = SECTORS - widest;
        if (span <= 2) {
            return "analogous";
        }
        if (sectors.length == 2 && span >= 5) {
            return "complementary";
        }
        return sectors.length == 3 && widest <= 5 ? "triad" : "several hues";
    }
}
