package jomble.drawing;

import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** The flat of a piece: a front view in the manner of a tailor's technical drawing. Deterministic. */
public final class Flat {
    static final double WIDTH = 96;
    static final double HEIGHT = 120;

    private Flat() {}

    /** A whole SVG document with the piece's label as its title. */
    public static String of(Piece piece) {
        Svg svg = new Svg(WIDTH, HEIGHT, piece.label());
        switch (piece.kind().family()) {
            case BASE_LAYER, TOP, MID_LAYER, JACKET, COAT -> new UpperFlat(piece).draw(svg);
            case BOTTOM -> new LowerFlat(piece).draw(svg, 12);
            case ONE_PIECE -> new DressFlat(piece).draw(svg);
            case SHOES -> new ShoeFlat(piece).draw(svg);
            case DRAPE -> drape(piece, svg);
            case LEGWEAR, ACCESSORY -> new SmallFlat(piece).draw(svg);
        }
        return svg.toString();
    }

    private static void drape(Piece piece, Svg svg) {
        if (piece.hasRole(Slot.COAT)) {
            new UpperFlat(piece).draw(svg);
            return;
        }
        Fabric fabric = new Fabric(piece);
        svg.shape("M26 12L62 10Q74 40 70 108L30 112Q22 60 26 12Z", fabric.fill(svg), fabric.outline());
        svg.seam("M38 12Q44 60 40 110M50 11Q58 60 54 109", fabric.line(), false);
        svg.seam("M30 106L70 102", fabric.line(), true);
    }
}
