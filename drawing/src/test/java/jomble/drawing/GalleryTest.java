package jomble.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Walks the whole gallery, as text and as pixels. */
class GalleryTest {
    private static final Path PUBLISHED = Path.of("../docs/gallery.html");
    private static final Pattern ID =
            Pattern.compile("<(?:pattern|linearGradient) id=\"([^\"]+)\".*?</(?:pattern|linearGradient)>");
    private static final int LARGEST_FLAT = 12_000;
    private static final int LARGEST_FIGURE = 40_000;
    /** Mean difference per channel of 255 between two drawings that a stylist must tell apart, at 96 by 120 pixels. */
    private static final double LEAST_DISTANCE = 0.35;

    /** Pairs that may look alike: what sets them apart is no cut, or another attribute already shows it. */
    private static final Set<Set<String>> ALIKE = Set.of(
            Set.of("none", "silver"), // a buckle of no stated metal is drawn in steel
            Set.of("mixed", "rose gold"), // as a buckle at this size
            Set.of("plain weave", "poplin"));

    static Stream<String> sections() {
        return Gallery.sections().keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("sections")
    void isWellFormedSmallAndNamed(String section) throws Exception {
        for (Gallery.Plate plate : Gallery.sections().get(section)) {
            String svg = plate.svg();
            DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
            assertThat(svg.length())
                    .as(plate.name())
                    .isLessThan(section.equals("figures") ? LARGEST_FIGURE : LARGEST_FLAT);
            assertThat(svg)
                    .as(plate.name())
                    .doesNotContain("NaN", "null", "Infinity")
                    .contains("<title>", "<desc>");
        }
    }

    @ParameterizedTest
    @MethodSource("sections")
    void staysInsideItsFrame(String section) {
        for (Gallery.Plate plate : Gallery.sections().get(section)) {
            BufferedImage image =
                    section.equals("figures") ? Raster.of(plate.svg(), 224, 424) : Raster.of(plate.svg(), 96, 120);
            assertThat(Raster.inkOnTheEdge(image)).as(plate.name()).isZero();
        }
    }

    @ParameterizedTest
    @MethodSource("sections")
    void differentThingsLookDifferent(String section) {
        List<Gallery.Plate> plates = Gallery.sections().get(section);
        List<BufferedImage> images =
                plates.stream().map(plate -> Raster.of(plate.svg(), 96, 120)).toList();
        List<String> tooAlike = new ArrayList<>();
        for (int i = 0; i < plates.size(); i++) {
            for (int j = 0; j < i; j++) {
                double distance = Raster.distance(images.get(i), images.get(j));
                Set<String> names = Set.of(plates.get(i).name(), plates.get(j).name());
                if (distance < LEAST_DISTANCE && !ALIKE.contains(names)) {
                    tooAlike.add(names + " " + distance);
                }
            }
        }
        assertThat(tooAlike).isEmpty();
    }

    /** Drawings stand on one page: an id may come twice only where it names the same thing. */
    @Test
    void idsNeverNameTwoThings() {
        Map<String, String> named = new HashMap<>();
        Matcher matcher = ID.matcher(Gallery.page());
        while (matcher.find()) {
            assertThat(named.putIfAbsent(matcher.group(1), matcher.group())).isIn(null, matcher.group());
        }
        assertThat(named).hasSizeGreaterThan(50);
    }

    static Stream<Kind> kinds() {
        return Kinds.shipped().all().stream();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindHangsFromTheRail(Kind kind) {
        Piece piece = Piece.of(new PieceId("p"), kind, Map.of());
        String strip = RailStrip.of(piece);
        assertThat(strip.length()).isLessThan(4_000);
        BufferedImage image = Raster.of(strip, 14, 120);
        int inked = 0;
        for (int y = 10; y < 120; y++) {
            inked += (image.getRGB(7, y) & 0xffffff) == 0xffffff ? 0 : 1;
        }
        assertThat(inked).as("rows of the middle where something hangs").isGreaterThan(12);
    }

    /** The page in the documentation is the gallery as it is; run with {@code -Djomble.write=true} to write it anew. */
    @Test
    void isPublishedAsItIs() throws IOException {
        String page = Gallery.page();
        if (Boolean.getBoolean("jomble.write")) {
            Files.writeString(PUBLISHED, page);
        }
        assertThat(Files.readString(PUBLISHED).equals(page))
                .as("docs/gallery.html is current")
                .isTrue();
    }
}
