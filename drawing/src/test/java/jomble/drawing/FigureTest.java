package jomble.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.proportion.Heights;
import jomble.core.proportion.Landmark;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Outfits on the form, read off as pixels: one pixel is one unit of the figure. */
class FigureTest {
    private static final int WIDTH = 224;
    private static final int HEIGHT = 424;
    private static final int MIDDLE = WIDTH / 2;
    private static final int CROWN = (int) Figure.CROWN;
    private static final int STATURE = 400;
    /** How far a drawn hem may be from its height: its curve, and half a line. */
    private static final int TOLERANCE = 6;

    private static Worn wear(String spec) {
        String[] parts = spec.split(" ");
        String[] where = parts[0].split("/");
        Map<String, String> look = new LinkedHashMap<>();
        look.put("kind", parts[1]);
        for (int i = 2; i < parts.length; i++) {
            look.put(parts[i].substring(0, parts[i].indexOf('=')), parts[i].substring(parts[i].indexOf('=') + 1));
        }
        Piece piece = Look.piece(look);
        Worn plain = Worn.of(
                Word.find(Slot.class, where[0]).orElseThrow(),
                Piece.of(new PieceId(where[0]), piece.kind(), piece.set()));
        return where.length > 1
                ? plain.finished(Word.find(Finish.class, where[1]).orElseThrow())
                : plain;
    }

    private static String figure(Heights heights, boolean coatOn, String... specs) {
        List<Worn> worn = new ArrayList<>();
        for (String spec : specs) {
            worn.add(wear(spec));
        }
        return Figure.of(Outfit.of(worn), heights, coatOn);
    }

    private static boolean isLike(int rgb, Color colour) {
        Color seen = new Color(rgb);
        return Math.abs(seen.getRed() - colour.getRed()) < 40
                && Math.abs(seen.getGreen() - colour.getGreen()) < 40
                && Math.abs(seen.getBlue() - colour.getBlue()) < 40;
    }

    /** The lowest row in which a colour stands beside the middle of the figure. */
    private static int lowest(BufferedImage image, Color colour, int x) {
        int lowest = -1;
        for (int y = 0; y < image.getHeight(); y++) {
            lowest = isLike(image.getRGB(x, y), colour) ? y : lowest;
        }
        return lowest;
    }

    @ParameterizedTest(name = "{0} ends at {1} thousandths")
    @CsvSource({
        "top/untucked fine-knit colours=#c02020 hem=hip, 530",
        "top/untucked fine-knit colours=#c02020 hem=high-hip, 570",
        "top/tucked fine-knit colours=#c02020 hem=hip, 590",
        "top/untucked crop-top colours=#c02020, 630",
        "top/knotted shirt colours=#c02020, 630",
    })
    void aTopEndsWhereTheRulesMeasureIt(String top, int permille) {
        String svg = figure(Heights.MEAN, true, top, "bottom tailored-trousers colours=#203090", "shoes loafers");
        BufferedImage image = Raster.of(svg, WIDTH, HEIGHT);
        int expected = CROWN + STATURE - permille * STATURE / 1000;
        assertThat(lowest(image, new Color(0xc02020), MIDDLE - 20)).isCloseTo(expected, Offset.offset(TOLERANCE + 3));
    }

    @ParameterizedTest
    @CsvSource({"mini-skirt, 400", "knee-skirt, 285", "midi-skirt, 190", "maxi-skirt, 60"})
    void aSkirtEndsAtItsLandmark(String kind, int permille) {
        BufferedImage image = Raster.of(
                figure(
                        Heights.MEAN,
                        true,
                        "top/tucked t-shirt",
                        "bottom " + kind + " colours=#203090",
                        "shoes sandals"),
                WIDTH,
                HEIGHT);
        int expected = CROWN + STATURE - permille * STATURE / 1000;
        assertThat(lowest(image, new Color(0x203090), MIDDLE - 5)).isCloseTo(expected, Offset.offset(TOLERANCE));
    }

    /** What a ring changes in the picture lies where the piece is seen: of tights below the hem of the dress. */
    @ParameterizedTest
    @CsvSource({"LEGWEAR, 80, 290", "ONEPIECE, 400, 700", "SHOES, -20, 80", "COAT, 300, 700"})
    void aRingStandsWhereThePieceIsSeen(Slot slot, int lowest, int highest) {
        Outfit outfit = Outfit.of(List.of(
                wear("onepiece shift-dress hem=knee"),
                wear("legwear tights"),
                wear("shoes court-shoes"),
                slot == Slot.COAT ? wear("coat wool-coat hem=knee") : wear("belt belt")));
        BufferedImage plain = Raster.of(Figure.of(outfit, Heights.MEAN, true), WIDTH, HEIGHT);
        BufferedImage marked = Raster.of(Figure.of(outfit, Heights.MEAN, true, List.of(slot)), WIDTH, HEIGHT);
        int top = -1;
        int bottom = -1;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                if (plain.getRGB(x, y) != marked.getRGB(x, y)) {
                    top = top < 0 ? y : top;
                    bottom = y;
                }
            }
        }
        assertThat(top).as("a ring is drawn").isPositive();
        int middle = (CROWN + STATURE - (top + bottom) / 2) * 1000 / STATURE;
        assertThat(middle).isBetween(lowest, highest);
    }

    @Test
    void aClientsOwnHeightsMoveTheHem() {
        Heights tall = new Heights(170.0, Map.of(Landmark.KNEE, 170 * 0.35));
        String[] outfit = {"top/tucked t-shirt", "bottom knee-skirt colours=#203090", "shoes sandals"};
        int usual =
                lowest(Raster.of(figure(Heights.MEAN, true, outfit), WIDTH, HEIGHT), new Color(0x203090), MIDDLE - 5);
        int own = lowest(Raster.of(figure(tall, true, outfit), WIDTH, HEIGHT), new Color(0x203090), MIDDLE - 5);
        assertThat(usual - own).isBetween(22, 30);
    }

    @Test
    void aRulerStandsLevelWithTheBreakItNames() {
        String ruler = HeightRuler.of(Heights.MEAN, List.of(new HeightRuler.Break(590, 42)));
        double y = CROWN + STATURE * (1 - 0.59);
        assertThat(ruler).contains("59 %").contains("L92 " + (int) y);
        assertThat(HeightRuler.of(Heights.MEAN, List.of())).contains("unbroken column");
    }

    @ParameterizedTest
    @CsvSource({
        "2.5, 18, 27.5, 'from 2.5 to 18 °C, peeled to 27.5 °C'",
        "-12, -3, 21, 'from −12 to −3 °C, peeled to 21 °C'",
        "14.5, 27.5, 27.5, 'from 14.5 to 27.5 °C, peeled to 27.5 °C'",
    })
    void theTemperatureBarSaysWhatItShows(double low, double dressed, double peeled, String words) {
        String bar = TemperatureBar.of(low, dressed, peeled);
        assertThat(bar).contains("Comfortable " + words);
        assertThat(bar.contains("fill=\"none\" stroke")).as("hatched part").isEqualTo(peeled > dressed);
    }

    @Test
    void aCoatIsWornOverAllOrHangsBesideTheFigure() {
        String[] outfit = {
            "top/tucked shirt", "bottom jeans", "shoes loafers", "coat wool-coat colours=#c02020 hem=knee"
        };
        BufferedImage on = Raster.of(figure(Heights.MEAN, true, outfit), WIDTH, HEIGHT);
        BufferedImage beside = Raster.of(figure(Heights.MEAN, false, outfit), 380, HEIGHT);
        int shoulder = CROWN + STATURE - 800 * STATURE / 1000 + 20;
        assertThat(isLike(on.getRGB(MIDDLE - 34, shoulder), new Color(0xc02020)))
                .isTrue();
        assertThat(isLike(beside.getRGB(MIDDLE - 34, shoulder), new Color(0xc02020)))
                .isFalse();
        assertThat(isLike(beside.getRGB(MIDDLE + 178 - 34, shoulder), new Color(0xc02020)))
                .isTrue();
    }

    @Test
    void whatIsOpenShowsWhatIsBeneath() {
        String[] open = {
            "top/tucked t-shirt colours=#20a040", "bottom jeans", "shoes loafers", "mid/open cardigan colours=#c02020"
        };
        String[] shut = {
            "top/tucked t-shirt colours=#20a040",
            "bottom jeans",
            "shoes loafers",
            "mid/buttoned cardigan colours=#c02020"
        };
        int chest = CROWN + STATURE - 640 * STATURE / 1000;
        BufferedImage opened = Raster.of(figure(Heights.MEAN, true, open), WIDTH, HEIGHT);
        BufferedImage closed = Raster.of(figure(Heights.MEAN, true, shut), WIDTH, HEIGHT);
        assertThat(isLike(opened.getRGB(MIDDLE + 6, chest), new Color(0x20a040)))
                .isTrue();
        assertThat(isLike(closed.getRGB(MIDDLE + 7, chest), new Color(0xc02020)))
                .isTrue();
    }

    @Test
    void theSameOutfitIsAlwaysDrawnTheSame() {
        String[] outfit = {"top/tucked shirt pattern=stripe colours=#ffffff,#203090", "bottom jeans", "shoes loafers"};
        assertThat(figure(Heights.MEAN, true, outfit)).isEqualTo(figure(Heights.MEAN, true, outfit));
    }
}
