package jomble.drawing;

import static jomble.drawing.UpperFlat.path;

import java.util.HashMap;
import java.util.Map;
import jomble.core.piece.Attribute;
import jomble.core.piece.Hem;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;

/** One-pieces: a bodice above a skirt or a pair of legs. */
final class DressFlat {
    private static final double SCALE = 0.72;

    private final Piece piece;

    DressFlat(Piece piece) {
        this.piece = piece;
    }

    void draw(Svg svg) {
        boolean legs =
                piece.shape() == Shape.STRAIGHT && !piece.kind().origin().id().contains("dress")
                        || piece.shape() == Shape.WIDE;
        boolean bare = piece.shape() == null;
        svg.raw("<g transform=\"translate(13.4 2) scale(%s)\">".formatted(SCALE));
        if (!bare) {
            svg.raw("<g transform=\"translate(0 46)\">");
            new LowerFlat(lower(legs)).draw(svg, 12);
            svg.raw("</g>");
        }
        new UpperFlat(with(Attribute.HEM, bare ? Hem.HIP : Hem.WAIST)).draw(svg);
        svg.raw("</g>");
        Fabric fabric = new Fabric(piece);
        if (!bare) {
            svg.seam(path("M%s %sL%s %s", 35.0, 44.5, 61.0, 44.5), fabric.line(), false);
        }
    }

    private Piece lower(boolean legs) {
        return legs || piece.shape() != Shape.STRAIGHT ? piece : with(Attribute.SHAPE, Shape.PENCIL);
    }

    private <T> Piece with(Attribute<T> attribute, T value) {
        Map<Attribute<?>, Object> set = new HashMap<>(piece.set());
        set.put(attribute, value);
        return Piece.of(piece.id(), piece.kind(), set);
    }
}
