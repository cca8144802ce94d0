package jomble.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every colour there is has a name, a family and an answer to whether it is neutral. */
class ColourFamilyTest {
    private static final Set<String> OF_GREYS =
            Set.of("white", "black", "charcoal", "grey", "mid grey", "pale grey", "silver grey", "silver");

    @Test
    void everyColourOfTheGridHasAFamilyAndAName() {
        for (int red = 0; red <= 256; red += 16) {
            for (int green = 0; green <= 256; green += 16) {
                for (int blue = 0; blue <= 256; blue += 16) {
                    Colour colour = new Colour(channel(red) << 16 | channel(green) << 8 | channel(blue));
                    Lab lab = colour.lab();
                    assertThat(lab.l()).as("%s", colour).isBetween(0.0, 100.0);
                    ColourFamily family = ColourFamily.of(lab);
                    assertThat(family.isNeutral())
                            .as("%s", colour)
                            .isEqualTo(family.ordinal() < ColourFamily.CRIMSON.ordinal());
                    boolean saturated = lab.chroma() > 45;
                    assertThat(saturated && family.isNeutral())
                            .as("%s is %s", colour, family)
                            .isFalse();
                    assertThat(ColourNames.nameOf(colour)).isNotBlank();
                }
            }
        }
    }

    @Test
    void everyGreyIsAchromaticAndCalledAGrey() {
        IntStream.rangeClosed(0, 255)
                .mapToObj(v -> new Colour(v << 16 | v << 8 | v))
                .forEach(grey -> {
                    assertThat(ColourFamily.of(grey.lab())).as("%s", grey).isEqualTo(ColourFamily.ACHROMATIC);
                    assertThat(OF_GREYS).as("%s", grey).contains(ColourNames.nameOf(grey));
                });
    }

    @ParameterizedTest
    @CsvSource({
        "#ffffff,white,ACHROMATIC",
        "#000000,black,ACHROMATIC",
        "#ff0000,bright red,RED",
        "#0000ff,bright blue,VIOLET",
        "#ffff00,bright yellow,YELLOW",
        "#00ff00,bright green,GREEN",
        "#00ffff,bright turquoise,TEAL",
        "#ff00ff,hot pink,VIOLET",
        "#22304d,navy,NAVY",
        "#b58a59,camel,BEIGE"
    })
    void cornersAreWhatAnybodyCallsThem(String hex, String name, ColourFamily family) {
        assertThat(ColourNames.nameOf(Colour.of(hex))).isEqualTo(name);
        assertThat(ColourFamily.of(Colour.of(hex).lab())).isEqualTo(family);
    }

    private static int channel(int value) {
        return Math.min(255, value);
    }
}
