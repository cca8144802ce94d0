package jomble.drawing;

import jomble.core.piece.Family;
import jomble.core.piece.Piece;

/** A piece edge-on as it hangs from the rail: a narrow strip in its colours, as long as its hem. */
public final class RailStrip {
    static final double WIDTH = 14;
    static final double HEIGHT = 120;
    private static final double BAR = 8;

    private RailStrip() {}

    /** A whole SVG document, 14 by 120 units; the strip hangs from the top. */
    public static String of(Piece piece) {
        Svg svg = new Svg(WIDTH, HEIGHT, piece.label());
        Fabric fabric = new Fabric(piece);
        double end = BAR + length(piece);
        double half = 3.5 + piece.clothWeight() * 0.6;
        svg.seam("M7 0L7 8", "#5c5d60", false);
        svg.shape(
                UpperFlat.path(
                        "M%s %sQ7 %s %s %sL%s %sQ7 %s %s %sZ",
                        7 - half,
                        BAR + 4,
                        BAR - 2,
                        7 + half,
                        BAR + 4,
                        7 + half - 0.5,
                        end,
                        end + 3,
                        7 - half + 0.5,
                        end),
                fabric.fill(svg),
                fabric.outline());
        return svg.toString();
    }

    /** From the shoulder or the waistband down to the hem. */
    private static double length(Piece piece) {
        if (piece.kind().family() == Family.SHOES || piece.kind().family() == Family.ACCESSORY) {
            return 26;
        }
        if (piece.hem() == null) {
            return 40;
        }
        int from = piece.kind().family() == Family.BOTTOM ? 630 : 820;
        return 14 + (from - piece.hem().landmark().meanPermille()) * 0.11;
    }
}
