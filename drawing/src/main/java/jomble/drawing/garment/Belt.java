package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** A belt: rolled up as a flat, about the waist on the figure. */
final class Belt implements Garment {
    private final Fabric fabric;

    Belt(Piece piece) {
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        sheet.shape(
                Outline.at(-40, 0)
                        .cubic(-40, -22, 40, -22, 40, 0)
                        .to(40, 11)
                        .cubic(40, -10, -40, -10, -40, 11)
                        .close(),
                fabric.inside(),
                fabric.outline());
        sheet.shape(
                Outline.at(-40, 0)
                        .cubic(-40, 18, -6, 20, 6, 20)
                        .to(6, 32)
                        .cubic(-14, 32, -40, 28, -40, 11)
                        .close(),
                fabric);
        sheet.shape(
                Outline.at(40, 0)
                        .cubic(40, 14, 26, 19, 12, 20)
                        .to(-30, 22)
                        .curve(-36, 28, -30, 33)
                        .to(12, 32)
                        .cubic(30, 30, 40, 26, 40, 11)
                        .close(),
                fabric);
        sheet.shape(Outline.rectangle(2, 17, 16, 18), Paint.NONE, fabric.outline());
        sheet.line(Outline.rectangle(2, 17, 16, 18), fabric.metal(), Weight.CORD);
        sheet.line(Outline.at(10, 26).to(-1, 26), fabric.metal(), Weight.CORD);
        for (double x = -24; x < -6; x += 6) {
            sheet.fill(Outline.circle(x, 27, 1.1), Paint.flat(fabric.line()));
        }
    }

    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        double y = Double.isNaN(wearing.waistband()) ? wearing.form().waist() - 3 : wearing.waistband();
        double half = wearing.form().half(y) + 3;
        sheet.shape(
                Outline.at(0, y + 1.5)
                        .to(half, y)
                        .to(half, y + 7)
                        .to(0, y + 8.5)
                        .whole(),
                fabric);
        sheet.shape(Outline.rectangle(-5, y + 0.4, 10, 8.4), Paint.NONE, fabric.metal());
        sheet.line(Outline.rectangle(-5, y + 0.4, 10, 8.4), fabric.metal(), Weight.CORD);
    }
}
