package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Hats, at the height of a head. */
final class Hat implements Garment {
    private final String kind;
    private final Fabric fabric;

    Hat(Piece piece) {
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        switch (kind) {
            case "felt-hat" -> felt(sheet);
            case "straw-hat" -> straw(sheet);
            case "beret" -> beret(sheet);
            default -> knitted(sheet);
        }
    }

    private void felt(Sheet sheet) {
        sheet.shape(
                Outline.at(0, 27)
                        .cubic(16, 27, 26, 25, 34, 18)
                        .curve(39, 22, 33, 28)
                        .cubic(20, 36, 8, 36, 0, 36)
                        .whole(),
                fabric);
        sheet.shape(
                Outline.at(0, 3)
                        .cubic(4, -1, 12, -2, 16, 4)
                        .cubic(20, 10, 20, 18, 21, 27)
                        .curve(10, 31, 0, 31)
                        .whole(),
                fabric);
        sheet.shape(
                Outline.at(0, 25)
                        .curve(12, 25, 20.6, 20)
                        .to(21, 27)
                        .curve(10, 31, 0, 31)
                        .whole(),
                Paint.flat(fabric.line()),
                fabric.outline());
        sheet.line(Outline.at(0, 4).curve(-1, 12, 0, 18), fabric.line(), Weight.SEAM);
    }

    private void straw(Sheet sheet) {
        sheet.shape(Outline.ellipse(0, 27, 46, 10), fabric);
        sheet.shape(
                Outline.at(0, 1)
                        .cubic(14, 1, 19, 8, 20, 24)
                        .curve(10, 29, 0, 29)
                        .whole(),
                fabric);
        sheet.shape(
                Outline.at(0, 21)
                        .curve(11, 21, 19.6, 17)
                        .to(20, 24)
                        .curve(10, 29, 0, 29)
                        .whole(),
                Paint.flat(fabric.second()),
                fabric.outline());
        sheet.line(Outline.at(-42, 29).curve(0, 42, 42, 29), fabric.line(), Weight.STITCH);
    }

    private void beret(Sheet sheet) {
        sheet.shape(
                Outline.at(-24, 30)
                        .cubic(-40, 22, -30, 6, 2, 6)
                        .cubic(34, 6, 48, 20, 36, 29)
                        .curve(24, 34, 20, 33)
                        .close(),
                fabric);
        sheet.shape(
                Outline.at(-23, 28)
                        .curve(0, 34, 22, 30)
                        .to(21, 36)
                        .curve(0, 40, -22, 34)
                        .close(),
                fabric);
        sheet.line(Outline.at(3, 6).curve(3, 2, 6, 0), fabric.outline(), Weight.CORD);
        sheet.line(Outline.at(30, 14).curve(36, 20, 33, 28), fabric.line(), Weight.FINE);
    }

    private void knitted(Sheet sheet) {
        sheet.shape(Outline.at(0, -2).cubic(16, -2, 22, 8, 22, 26).to(0, 26).whole(), fabric);
        sheet.shape(Outline.at(0, 24).to(23, 24).curve(24, 31, 23, 38).to(0, 39).whole(), fabric);
        for (int i = 0; i < 4; i++) {
            sheet.lines(Outline.at(3 + i * 5.4, 25).to(3 + i * 5.4, 38), fabric.line(), Weight.SEAM);
        }
        sheet.lines(Outline.at(7, 0).curve(12, 8, 12, 23), fabric.line(), Weight.FINE);
        sheet.shape(Outline.circle(0, -4, 5.5), fabric);
    }
}
