package jomble.core.judgement;

import java.util.Collection;
import java.util.function.DoubleUnaryOperator;
import jomble.core.climate.Comfort;
import jomble.core.climate.Comfort.Surroundings;
import jomble.core.colour.ColourScheme;
import jomble.core.outfit.Worn;

/**
 * Measures of an outfit that are shown but not scored.
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
                ColourScheme.of(judgement.summary().families()).words());
    }

    /** The colour scheme of the main pieces of an outfit. */
    public static ColourScheme scheme(Collection<Worn> worn) {
        return ColourScheme.of(worn.stream()
                .filter(one -> one.slot().isMain())
                .mapToInt(one -> 1 << one.piece().colourFamily().ordinal())
                .reduce(0, (some, more) -> some | more));
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
}
