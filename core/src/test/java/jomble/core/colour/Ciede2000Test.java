package jomble.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class Ciede2000Test {
    @ParameterizedTest
    @CsvFileSource(resources = "/jomble/core/ciede2000-pairs.csv", numLinesToSkip = 1)
    void agreesWithThePublishedPairs(double l1, double a1, double b1, double l2, double a2, double b2, double deltaE) {
        Lab first = new Lab(l1, a1, b1);
        Lab second = new Lab(l2, a2, b2);
        assertThat(Ciede2000.difference(first, second)).isCloseTo(deltaE, within(1e-4));
        assertThat(Ciede2000.difference(second, first)).isCloseTo(deltaE, within(1e-4));
    }

    @ParameterizedTest
    @CsvSource({
        "#ffffff, 100, 0, 0",
        "#000000, 0, 0, 0",
        "#ff0000, 53.24, 80.09, 67.20",
        "#0000ff, 32.30, 79.19, -107.86"
    })
    void convertsSrgbToCielab(String hex, double l, double a, double b) {
        Lab lab = Colour.of(hex).lab();
        assertThat(lab.l()).isCloseTo(l, within(0.01));
        assertThat(lab.a()).isCloseTo(a, within(0.02));
        assertThat(lab.b()).isCloseTo(b, within(0.02));
    }

    @ParameterizedTest
    @CsvSource({
        "#85868a, achromatic",
        "#22304d, navy",
        "#3f5b80, denim",
        "#b58a59, beige",
        "#5c3d29, brown",
        "#656338, olive",
        "#c0272d, red",
        "#f0cf3a, yellow",
        "#3c7a4a, green",
        "#1746a2, blue",
        "#c2317f, magenta"
    })
    void namesTheFamilyAStylistWouldName(String hex, String family) {
        assertThat(ColourFamily.of(Colour.of(hex).lab()).id()).isEqualTo(family);
    }

    @Test
    void everyNamedColourIsNearestToItsOwnName() {
        assertThat(ColourNames.all())
                .allSatisfy(name -> assertThat(
                                ColourNames.nameOf(ColourNames.find(name).orElseThrow()))
                        .isEqualTo(name));
    }

    @Test
    void refusesWhatIsNoColour() {
        assertThatThrownBy(() -> Colour.of("#12345")).hasMessageContaining("#12345");
    }
}
