package jomble.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import jomble.core.document.InventoryTable;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.proportion.Heights;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pieces of every kind with whatever a stylist may set, sensible or not: a drawing never breaks and never leaves its frame. */
class AnyLookTest {
    private static final int VARIANTS = 6;
    private static final int FIGURES = 60;
    private static final List<String> COLOURS =
            List.of("#f7f7f5", "#17171a", "#22304d", "#c0272d", "#3c7a4a", "#f0cf3a", "#b58a59");
    private static final List<Slot> OFTEN = List.of(Slot.TOP, Slot.BOTTOM, Slot.SHOES);
    /** Attributes that no drawing shows. */
    private static final List<String> UNSEEN = List.of("formality", "wearsBefore", "favourite", "creases", "packs");

    static Stream<Kind> kinds() {
        return Kinds.shipped().all().stream();
    }

    private static Piece piece(Kind kind, Random random, String id) {
        Map<String, String> cells = new LinkedHashMap<>(Map.of("kind", kind.id()));
        for (Attribute<?> attribute : Attribute.all()) {
            boolean isSet = random.nextInt(3) == 0;
            boolean isWord = attribute.form().name().equals("word");
            if (isSet && isWord) {
                cells.put(
                        attribute.name(),
                        attribute.words().get(random.nextInt(attribute.words().size())));
            } else if (isSet && attribute == Attribute.COLOURS) {
                cells.put(attribute.name(), any(COLOURS, random) + "," + any(COLOURS, random));
            } else if (isSet && attribute == Attribute.DETAILS) {
                cells.put(attribute.name(), any(attribute.words(), random));
            } else if (isSet && attribute == Attribute.HEEL_CM) {
                cells.put(attribute.name(), String.valueOf(random.nextInt(14)));
            } else if (isSet && isOfNumbers(attribute)) {
                int least = (int) attribute.form().least();
                int most = (int) attribute.form().most();
                cells.put(attribute.name(), String.valueOf(least + random.nextInt(most - least + 1)));
            }
        }
        Piece piece = InventoryTable.read(cells, id, Kinds.shipped());
        return Piece.of(new PieceId(id), piece.kind(), piece.set());
    }

    /** Numbers that a drawing shows, and some that it does not. */
    private static boolean isOfNumbers(Attribute<?> attribute) {
        return attribute.form().name().equals("integer")
                && (attribute.form().most() <= 5 || UNSEEN.contains(attribute.name()));
    }

    private static String any(List<String> list, Random random) {
        return list.get(random.nextInt(list.size()));
    }

    private static Stream<Piece> variants(Kind kind) {
        return IntStream.range(0, VARIANTS)
                .mapToObj(i -> piece(kind, new Random(31L * kind.id().hashCode() + i), "p" + i));
    }

    /** The drawing itself, without what it is called. */
    private static String drawn(String svg) {
        return svg.replaceAll("(?s)<(title|desc)>.*?</\\1>", "");
    }

    private static void isWhole(String svg, String what) throws Exception {
        DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(svg).as(what).doesNotContain("NaN", "Infinity", "null");
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void isDrawnInsideItsFrame(Kind kind) throws Exception {
        for (Piece piece : variants(kind).toList()) {
            String what = Look.of(piece).toString();
            String flat = Flat.of(piece);
            isWhole(flat, what);
            BufferedImage image = Raster.of(flat, 96, 120);
            assertThat(Raster.inkOnTheEdge(image)).as(what).isZero();
            assertThat(Raster.distance(image, Raster.of("<svg xmlns=\"http://www.w3.org/2000/svg\"/>", 96, 120)))
                    .as("something is seen of %s", what)
                    .isGreaterThan(0.3);
            isWhole(RailStrip.of(piece), what);
        }
    }

    /** Two pieces of one look are drawn the same, whatever else is known of them. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void isDrawnFromItsLookAlone(Kind kind) {
        variants(kind).forEach(piece -> {
            Piece alike = Look.piece(Look.of(piece));
            assertThat(drawn(Flat.of(alike))).as("%s", Look.of(piece)).isEqualTo(drawn(Flat.of(piece)));
            assertThat(drawn(RailStrip.of(alike))).as("%s", Look.of(piece)).isEqualTo(drawn(RailStrip.of(piece)));
        });
    }

    static Stream<Outfit> outfits() {
        List<Kind> kinds = List.copyOf(Kinds.shipped().all());
        return IntStream.range(0, FIGURES).mapToObj(seed -> {
            Random random = new Random(seed);
            Map<Slot, Worn> worn = new EnumMap<>(Slot.class);
            for (int i = 0; i < 400 && worn.size() < 3 + seed % 7; i++) {
                Piece piece = piece(kinds.get(random.nextInt(kinds.size())), random, "p" + i);
                Slot slot = piece.roles().isEmpty() ? null : piece.roles().get(0);
                if (slot != null && (OFTEN.contains(slot) || worn.size() > 1)) {
                    List<Worn> ways = Ways.of(Worn.of(slot, piece));
                    worn.putIfAbsent(slot, ways.get(random.nextInt(ways.size())));
                }
            }
            return Outfit.of(worn.values());
        });
    }

    @ParameterizedTest
    @MethodSource("outfits")
    void anOutfitOfThemIsDrawnInsideItsFrame(Outfit outfit) throws Exception {
        for (boolean isCoatOn : new boolean[] {true, false}) {
            String figure = Figure.of(outfit, Heights.MEAN, isCoatOn);
            isWhole(figure, outfit.toString());
            int width = figure.contains("viewBox=\"0 0 224") ? 224 : 380;
            assertThat(Raster.inkOnTheEdge(Raster.of(figure, width, 424)))
                    .as(String.format(Locale.ROOT, "coat on: %s, %s", isCoatOn, outfit))
                    .isZero();
        }
    }
}
