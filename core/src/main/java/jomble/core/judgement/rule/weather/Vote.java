package jomble.core.judgement.rule.weather;

import jomble.core.climate.Comfort;
import jomble.core.climate.Comfort.Surroundings;
import jomble.core.climate.Weather;

/** PMV in fixed surroundings as a function of Σ clo. */
record Vote(double airC, double airMs, double humidityPercent, double met, double offset) {
    private static final double WALKING_MET = 2.3;
    private static final double OUTDOORS_MOST_MS = 0.4;
    private static final int MOST_CENTI_CLO = 1000;

    /** On a brisk walk at the low of the day. */
    static Vote walking(Weather weather, double offset) {
        return new Vote(
                weather.lowC(),
                Math.min(weather.windMs(), OUTDOORS_MOST_MS),
                weather.humidityPercent(),
                WALKING_MET,
                offset);
    }

    double at(int centiClo) {
        Surroundings around = new Surroundings(airC, airC, airMs, humidityPercent, met);
        return Comfort.pmv(around, Comfort.ensembleClo(centiClo / 100.0)) + offset;
    }

    /** The least Σ, in hundredths of a clo, at which the vote reaches {@code pmv}; by bisection. */
    int atLeast(double pmv) {
        int from = 0;
        int to = MOST_CENTI_CLO;
        while (from < to) {
            int middle = (from + to) / 2;
            if (at(middle) >= pmv) {
                to = middle;
            } else {
                from = middle + 1;
            }
        }
        return from;
    }
}
