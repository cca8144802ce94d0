package jomble.drawing;

import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.drawing.garment.Garments;
import jomble.drawing.garment.Wearing;
import jomble.drawing.ink.Sheet;

/** The flat of a piece: a front view in the manner of a tailor's technical drawing; shoes from the side. Deterministic. */
public final class Flat {
    static final double WIDTH = 96;
    static final double HEIGHT = 120;
    private static final double MARGIN = 4;
    /** Small things are not blown up to fill the frame: a ring stays smaller than a bag. */
    private static final double MOST_SCALE = 1.25;

    private Flat() {}

    /** A whole SVG document, 96 by 120 units, with the piece's label as its title. */
    public static String of(Piece piece) {
        Sheet sheet = new Sheet();
        Garments.of(piece).draw(sheet, Wearing.FLAT);
        double most = piece.kind().family() == Family.SHOES ? 0.86 : MOST_SCALE;
        return sheet.fitted(WIDTH, HEIGHT, MARGIN, most, piece.label(), Description.of(piece));
    }
}
