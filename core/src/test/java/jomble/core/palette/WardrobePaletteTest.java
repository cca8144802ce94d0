package jomble.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jomble.core.RandomWardrobes;
import jomble.core.Seeds;
import jomble.core.brief.Palette;
import jomble.core.colour.Colour;
import jomble.core.piece.Attribute;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class WardrobePaletteTest {
    private static Piece piece(String id, String kind, String hex) {
        return Piece.of(
                new PieceId(id),
                Kinds.shipped().find(kind).orElseThrow(),
                Map.of(Attribute.COLOURS, List.of(new ColourShare(Colour.of(hex), 1))));
    }

    private static final List<Piece> WARDROBE = List.of(
            piece("a", "shirt", "#22304d"),
            piece("b", "fine-knit", "#24324f"),
            piece("c", "t-shirt", "#20304b"),
            piece("d", "jeans", "#25344f"),
            piece("e", "blazer", "#85868a"),
            piece("f", "tailored-trousers", "#88898c"),
            piece("g", "scarf", "#a8482a"),
            piece("h", "blouse", "#ad4c2c"),
            piece("i", "midi-skirt", "#c0207a"));

    @Test
    void tellsBaseColoursAccentsAndOutsidersApart() {
        WardrobePalette palette = WardrobePalette.of(
                WARDROBE, new Palette(List.of(Colour.of("#22304d")), List.of(Colour.of("#a8482a")), List.of()));
        assertThat(palette.swatches())
                .extracting(Swatch::role)
                .containsExactly(Swatch.Role.BASE, Swatch.Role.BASE, Swatch.Role.ACCENT, Swatch.Role.OUTSIDER);
        assertThat(palette.swatches().get(0).pieces()).hasSize(4);
        assertThat(palette.swatches().get(0).fromPalette()).isLessThan(3);
        assertThat(palette.swatches().get(3).pieces()).containsExactly(new PieceId("i"));
        assertThat(palette.swatches().get(3).fromPalette()).isGreaterThan(25);
    }

    @Test
    void findsThreeTopsThatLookLikeTheSamePurchase() {
        List<WardrobePalette.Alike> alike =
                WardrobePalette.of(WARDROBE, Palette.NONE).alike();
        assertThat(alike).hasSize(1);
        assertThat(alike.get(0).pieces()).extracting(PieceId::value).containsExactly("a", "b", "c");
        assertThat(alike.get(0).spread()).isLessThanOrEqualTo(WardrobePalette.NEARLY_SAME);
    }

    @Seeds(100)
    void holdsEveryPieceAndAllWeightWhateverTheOrder(long seed) {
        List<Piece> pieces = new ArrayList<>(new RandomWardrobes(seed).pieces(20));
        WardrobePalette palette = WardrobePalette.of(pieces, Palette.NONE);
        assertThat(palette.swatches().stream()
                        .mapToDouble(Swatch::weightFraction)
                        .sum())
                .isCloseTo(1, Offset.offset(1e-9));
        assertThat(palette.swatches().stream().flatMap(s -> s.pieces().stream()))
                .containsAll(pieces.stream().map(Piece::id).toList());
        Collections.shuffle(pieces, new Random(seed));
        assertThat(WardrobePalette.of(pieces, Palette.NONE)).isEqualTo(palette);
    }

    @Test
    void anEmptyWardrobeHasNoColours() {
        assertThat(WardrobePalette.of(List.of(), Palette.NONE).swatches()).isEmpty();
    }
}
