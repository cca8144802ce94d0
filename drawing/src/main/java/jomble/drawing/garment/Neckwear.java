package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Scarves, ties and other things about the neck, as they lie on the form. */
final class Neckwear implements Garment {
    private final String kind;
    private final Fabric fabric;
    private final Slot slot;

    /** @param slot where it is worn: a scarf may be a belt */
    Neckwear(Piece piece, Slot slot) {
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
        this.slot = slot;
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        Form form = wearing.form();
        double y = form.shoulder(11);
        switch (kind) {
            case "tie" -> tie(sheet, y + 6, form.waist() + 4);
            case "bow-tie" -> bowTie(sheet, y + 5);
            case "neckerchief" -> neckerchief(sheet, y);
            default -> scarf(sheet, form, y);
        }
    }

    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        if (slot == Slot.BELT) {
            double waist = wearing.form().waist();
            new Details(sheet, fabric).belt(Form.WAIST_HALF + 6, waist - 2, 8, false);
        } else {
            draw(sheet, wearing);
        }
    }

    private void tie(Sheet sheet, double y, double end) {
        sheet.shape(Outline.polygon(-3, y + 9, 3, y + 9, 9, end - 10, 0, end, -9, end - 10), fabric);
        sheet.shape(Outline.polygon(-5.5, y, 5.5, y, 3.4, y + 10, -3.4, y + 10), fabric);
        sheet.lines(Outline.at(5, y).to(14, y - 5), fabric.outline(), Weight.SEAM);
    }

    private void bowTie(Sheet sheet, double y) {
        sheet.pair(
                Outline.at(2, y - 2)
                        .curve(9, y - 9, 19, y - 9)
                        .curve(17, y, 19, y + 9)
                        .curve(9, y + 9, 2, y + 3)
                        .close(),
                fabric);
        sheet.shape(Outline.polygon(-3.4, y - 3.6, 3.4, y - 3.6, 3.4, y + 4, -3.4, y + 4), fabric);
        sheet.lines(Outline.at(5, y).to(13, y - 2), fabric.line(), Weight.FINE);
    }

    private void neckerchief(Sheet sheet, double y) {
        sheet.shape(
                Outline.at(0, y + 12)
                        .curve(10, y + 6, 12, y - 6)
                        .to(16, y - 1)
                        .curve(15, y + 12, 0, y + 22)
                        .whole(),
                fabric);
        sheet.pair(Outline.at(1, y + 17).to(15, y + 26).to(6, y + 34).close(), fabric);
        sheet.shape(Outline.ellipse(0, y + 17, 4.6, 4), fabric);
    }

    private void scarf(Sheet sheet, Form form, double y) {
        double end = form.waist() + 22;
        sheet.shape(
                Outline.at(2, y + 20)
                        .to(17, y + 12)
                        .curve(21, form.armpit() + 20, 19, end - 12)
                        .to(4, end - 10)
                        .close(),
                fabric);
        sheet.shape(
                Outline.at(-16, y + 12)
                        .to(-1, y + 20)
                        .curve(-2, form.armpit() + 20, -5, end)
                        .to(-21, end - 2)
                        .curve(-19, form.armpit() + 20, -16, y + 12)
                        .close(),
                fabric);
        sheet.shape(
                Outline.at(0, y + 6)
                        .curve(10, y + 4, 13, y - 9)
                        .curve(21, y - 5, 22, y + 6)
                        .curve(17, y + 22, 0, y + 27)
                        .whole(),
                fabric);
        sheet.line(Outline.at(-20, y + 4).curve(0, y + 22, 20, y + 2), fabric.line(), Weight.SEAM);
        for (int i = 0; i < 5; i++) {
            sheet.line(Outline.at(-19.5 + i * 3.5, end - 1).to(-20 + i * 3.5, end + 7), fabric.outline(), Weight.SEAM);
            sheet.line(Outline.at(5.5 + i * 3.2, end - 10.6).to(5.8 + i * 3.2, end - 3), fabric.outline(), Weight.SEAM);
        }
    }
}
