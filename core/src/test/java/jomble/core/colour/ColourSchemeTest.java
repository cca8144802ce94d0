package jomble.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the colours of an outfit are to each other. */
class ColourSchemeTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            ACHROMATIC               | ACHROMATIC
            NAVY                     | MONOCHROMATIC
            BROWN                    | MONOCHROMATIC
            BEIGE                    | MONOCHROMATIC
            GREEN                    | MONOCHROMATIC
            NAVY ACHROMATIC          | NEUTRALS
            BEIGE BROWN              | NEUTRALS
            NAVY CRIMSON             | NEUTRALS_AND_ACCENT
            ACHROMATIC GREEN         | NEUTRALS_AND_ACCENT
            RED ORANGE               | ANALOGOUS
            RED ORANGE YELLOW NAVY   | ANALOGOUS
            """)
    void namesTheScheme(String families, ColourScheme scheme) {
        int bits = Arrays.stream(families.split(" "))
                .mapToInt(family -> 1 << ColourFamily.valueOf(family).ordinal())
                .sum();
        assertThat(ColourScheme.of(bits)).isEqualTo(scheme);
        assertThat(ColourScheme.find(scheme.id())).contains(scheme);
    }
}
