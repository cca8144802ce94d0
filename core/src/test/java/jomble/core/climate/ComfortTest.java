package jomble.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import jomble.core.Seeds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class ComfortTest {
    @ParameterizedTest
    @CsvFileSource(resources = "/jomble/core/iso7730-examples.csv", numLinesToSkip = 1)
    void agreesWithTheStandardsExamples(
            double airC,
            double radiantC,
            double airMs,
            double humidity,
            double met,
            double clo,
            double pmv,
            double ppd) {
        double found = Comfort.pmv(new Comfort.Surroundings(airC, radiantC, airMs, humidity, met), clo);
        assertThat(found).isCloseTo(pmv, within(0.1));
        assertThat(Comfort.ppd(found)).isCloseTo(ppd, within(2.0));
    }

    @Test
    void addsGarmentsToAnEnsembleAsIso9920Does() {
        assertThat(Comfort.ensembleClo(1.05)).isCloseTo(1.03775, within(1e-9));
        assertThat(Comfort.ensembleClo(0)).isZero();
    }

    @Seeds(300)
    void moreClothesNeverFeelColder(long seed) {
        Random random = new Random(seed);
        double airC = random.nextDouble(-20, 30);
        double clo = random.nextDouble(0.05, 3);
        double more = random.nextDouble(0.01, 0.5);
        Comfort.Surroundings around = new Comfort.Surroundings(airC, airC, 0.3, 50, 1.4);
        assertThat(Comfort.pmv(around, Comfort.ensembleClo(clo + more)))
                .isGreaterThanOrEqualTo(Comfort.pmv(around, Comfort.ensembleClo(clo)) - 1e-3);
    }
}
