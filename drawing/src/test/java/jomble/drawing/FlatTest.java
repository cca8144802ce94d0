package jomble.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Fit;
import jomble.core.piece.Hem;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Neckline;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Shape;
import jomble.core.piece.Sleeve;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FlatTest {
    static Collection<Kind> kinds() {
        return Kinds.shipped().all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindDrawsWellFormedAndSmall(Kind kind) throws Exception {
        Piece piece = Piece.of(new PieceId("p"), kind, Map.of(Attribute.LABEL, "<\"&> piece"));
        for (String svg : List.of(Flat.of(piece), RailStrip.of(piece))) {
            DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
            assertThat(svg.length()).isLessThan(12_000);
            assertThat(svg).doesNotContain("NaN", "null", "%");
        }
    }

    @Test
    void everyPatternDrawsAndNoTwoAlike() {
        Set<String> drawn = new HashSet<>();
        for (Pattern pattern : Pattern.values()) {
            drawn.add(Flat.of(piece("shirt", Attribute.PATTERN, pattern)));
        }
        // dot and fleck, check and glen check, floral and paisley share a figure and differ in scale only
        assertThat(drawn).hasSizeGreaterThanOrEqualTo(Pattern.values().length - 5);
    }

    @Test
    void whatAStylistReadsOffAGarmentChangesItsDrawing() {
        assertThat(distinct("shirt", Attribute.SLEEVE, Sleeve.NONE, Sleeve.SHORT, Sleeve.LONG))
                .hasSize(3);
        assertThat(distinct("shirt", Attribute.FIT, Fit.values())).hasSize(4);
        assertThat(distinct("fine-knit", Attribute.NECKLINE, Neckline.CREW, Neckline.V, Neckline.ROLL, Neckline.BOAT))
                .hasSize(4);
        assertThat(distinct("wool-coat", Attribute.HEM, Hem.HIP, Hem.MID_THIGH, Hem.CALF))
                .hasSize(3);
        assertThat(distinct("jeans", Attribute.SHAPE, Shape.SKINNY, Shape.STRAIGHT, Shape.FLARED, Shape.WIDE))
                .hasSize(4);
        assertThat(distinct("midi-skirt", Attribute.SHAPE, Shape.PENCIL, Shape.A_LINE, Shape.PLEATED))
                .hasSize(3);
        assertThat(distinct("car-coat", Attribute.CLOTH, Cloth.FLANNEL, Cloth.QUILTED))
                .hasSize(2);
    }

    @SafeVarargs
    private static <T> Set<String> distinct(String kind, Attribute<T> attribute, T... values) {
        Set<String> drawn = new HashSet<>();
        for (T value : values) {
            drawn.add(Flat.of(piece(kind, attribute, value)));
        }
        return drawn;
    }

    private static <T> Piece piece(String kind, Attribute<T> attribute, T value) {
        return Piece.of(
                new PieceId("p"),
                Kinds.shipped().find(kind).orElseThrow(),
                Map.of(attribute, value, Attribute.LABEL, "a piece"));
    }
}
