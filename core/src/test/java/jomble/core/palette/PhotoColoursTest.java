package jomble.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import jomble.core.Seeds;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class PhotoColoursTest {
    private static final int SIDE = 80;

    /** A garment in the middle of a wall, with the grain of a camera; a stripe of the second colour every so many rows. */
    private static int[] photo(String wall, String cloth, String stripe, int every) {
        Random grain = new Random(7);
        int[] pixels = new int[SIDE * SIDE];
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                boolean garment = x > 20 && x < 60 && y > 12 && y < 70;
                String colour = !garment ? wall : stripe != null && y % every == 0 ? stripe : cloth;
                int rgb = Colour.of(colour).rgb();
                int noise = grain.nextInt(9) - 4;
                pixels[y * SIDE + x] = shift(rgb >> 16, noise) << 16 | shift(rgb >> 8, noise) << 8 | shift(rgb, noise);
            }
        }
        return pixels;
    }

    private static int shift(int channel, int by) {
        return Math.max(0, Math.min(255, (channel & 0xff) + by));
    }

    @Test
    void seesTheGarmentAndNotTheWall() {
        List<PhotoColours.Seen> seen = PhotoColours.of(photo("#d9d6d0", "#22304d", null, 0), SIDE);
        assertThat(seen).hasSize(1);
        assertThat(difference(seen.get(0), "#22304d")).isLessThan(3);
    }

    @Test
    void seesBothColoursOfAStripeWithTheirShares() {
        List<PhotoColours.Seen> seen = PhotoColours.of(photo("#8a8a8a", "#f4f4f2", "#b0282e", 4), SIDE);
        assertThat(seen).hasSize(2);
        assertThat(difference(seen.get(0), "#f4f4f2")).isLessThan(4);
        assertThat(difference(seen.get(1), "#b0282e")).isLessThan(4);
        assertThat(seen.get(1).shareFraction()).isCloseTo(0.25, Offset.offset(0.04));
    }

    @Test
    void aPictureOfOneColourAllOverShowsNoGarment() {
        assertThat(PhotoColours.of(photo("#777777", "#777777", null, 0), SIDE)).isEmpty();
    }

    private static double difference(PhotoColours.Seen seen, String hex) {
        return Ciede2000.difference(seen.colour().lab(), Colour.of(hex).lab());
    }

    @Seeds(50)
    void cielabAndBackIsTheSameColour(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            Colour colour = new Colour(random.nextInt(0x1000000));
            assertThat(colour.lab().toColour()).isEqualTo(colour);
        }
    }
}
