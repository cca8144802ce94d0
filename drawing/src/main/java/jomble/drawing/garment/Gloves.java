package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** A pair of gloves; long ones reach above the elbow. */
final class Gloves implements Garment {
    private final boolean longOnes;
    private final Fabric fabric;

    Gloves(Piece piece) {
        this.longOnes = piece.kind().origin().id().equals("long-gloves");
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        glove(sheet, 17, 0, 1);
        glove(sheet, -17, 0, 1);
    }

    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        Sheet own = new Sheet();
        glove(own, 0, 0, -1);
        sheet.add(own, 0.62, 68, wearing.form().hip() + 14);
        Sheet other = new Sheet();
        glove(other, 0, 0, -1);
        sheet.add(other, 0.62, -68, wearing.form().hip() + 14);
    }

    /** @param up 1 with the fingers up, −1 hanging down */
    private void glove(Sheet sheet, double x, double y, double up) {
        double side = x < 0 ? -1 : 1;
        double arm = longOnes ? 92 : 16;
        Outline hand = Outline.at(-9, arm)
                .to(-9, 0)
                .curve(-15, -8, -17, -16)
                .curve(-14, -21, -10, -15)
                .to(-8, -10)
                .to(-8, -34)
                .curve(-5.5, -38, -3.4, -34)
                .to(-3, -18)
                .to(-2.6, -40)
                .curve(0, -44, 2, -40)
                .to(2, -18)
                .to(3, -37)
                .curve(5.4, -41, 7, -36)
                .to(6.6, -17)
                .to(8, -30)
                .curve(10.4, -33, 11.6, -28)
                .to(10.4, -8)
                .curve(9, 0, 9, arm)
                .close();
        sheet.shape(hand.mapped(side, up, x, y), fabric);
        sheet.line(Outline.polyline(-9, 4, 9, 4).mapped(side, up, x, y), fabric.line(), Weight.STITCH);
        for (double seam : new double[] {-5, 0, 5}) {
            sheet.line(Outline.polyline(seam, -14, seam, -4).mapped(side, up, x, y), fabric.line(), Weight.FINE);
        }
    }
}
