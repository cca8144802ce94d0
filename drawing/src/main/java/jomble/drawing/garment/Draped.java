package jomble.drawing.garment;

import jomble.core.piece.Detail;
import jomble.core.piece.Hem;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Uncut lengths of cloth, drawn as they are worn: wrapped, pleated, thrown over a shoulder. */
final class Draped implements Garment {
    private final Piece piece;
    private final String kind;
    private final Fabric fabric;

    Draped(Piece piece) {
        this.piece = piece;
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        switch (kind) {
            case "sari" -> sari(sheet, wearing.form());
            case "wrapped-cloth" -> wrapped(sheet, wearing.form());
            case "dupatta" -> dupatta(sheet, wearing.form());
            case "shawl" -> shawl(sheet, wearing.form());
            default -> stole(sheet, wearing.form());
        }
    }

    private boolean hasBorder() {
        return piece.pattern() == Pattern.BORDER || piece.has(Detail.HEAVY_BORDER);
    }

    private double borderWidth() {
        return piece.has(Detail.HEAVY_BORDER) ? 9 : 5;
    }

    /** A border of the second colour along an edge: a band of cloth with a fine line on each side. */
    private void border(Sheet sheet, Outline band) {
        sheet.shape(band, Paint.flat(fabric.second()), fabric.outline());
    }

    private void sari(Sheet sheet, Form form) {
        double waist = form.waist() + 6;
        double floor = Form.STATURE - 10;
        SkirtCut skirt = new SkirtCut(Shape.A_LINE, form, waist, floor);
        Outline right = Outline.at(0, waist + 1.5).to(skirt.half(waist), waist);
        skirt.side(right);
        right.curve(skirt.half(floor) * 0.5, floor + 4, 0, floor + 3);
        sheet.shape(right.whole(), fabric);
        if (hasBorder()) {
            double up = floor - borderWidth() * 1.4;
            border(
                    sheet,
                    Outline.at(0, up + 3)
                            .curve(skirt.half(up) * 0.5, up + 4, skirt.half(up), up)
                            .to(skirt.half(floor), floor)
                            .curve(skirt.half(floor) * 0.5, floor + 4, 0, floor + 3)
                            .whole());
        }
        for (int i = 0; i < 6; i++) {
            double x = -15 + i * 5.2;
            sheet.line(
                    Outline.at(-2 + i * 1.6, waist + 5).curve(x * 0.6, (waist + floor) / 2, x, floor + 2),
                    fabric.line(),
                    Weight.SEAM);
        }
        double shoulder = form.shoulder(30);
        Outline pallu = Outline.at(-skirt.half(form.hip()) + 1, form.hip() + 8)
                .cubic(-12, waist + 2, 8, form.armpit() + 6, 19, form.shoulder(19) - 3)
                .curve(30, shoulder - 5, 38, form.shoulder(38) - 1)
                .cubic(36, form.armpit() + 20, 34, waist - 6, 12, waist + 26)
                .cubic(-4, waist + 40, -24, form.hip() + 22, -skirt.half(form.hip()) - 1, form.hip() + 22)
                .close();
        sheet.shape(pallu, fabric);
        for (double part : new double[] {0.3, 0.55, 0.8}) {
            sheet.line(
                    Outline.at(-skirt.half(form.hip()) + 4, form.hip() + 8 + 12 * part)
                            .cubic(
                                    -8 + 8 * part,
                                    waist + 26 * part,
                                    12 + 12 * part,
                                    form.armpit() + 12 * part,
                                    19 + 18 * part,
                                    form.shoulder(25) - 2),
                    fabric.line(),
                    Weight.FINE);
        }
        if (hasBorder()) {
            double w = borderWidth();
            border(
                    sheet,
                    Outline.at(-skirt.half(form.hip()) + 1, form.hip() + 8)
                            .cubic(-12, waist + 2, 8, form.armpit() + 6, 19, form.shoulder(19) - 3)
                            .to(19 + w, form.shoulder(24) - 4)
                            .cubic(
                                    8 + w,
                                    form.armpit() + 10,
                                    -10,
                                    waist + 5 + w,
                                    -skirt.half(form.hip()) + 1,
                                    form.hip() + 8 + w)
                            .close());
        }
        Outline fall = Outline.at(38, form.shoulder(38) - 1)
                .curve(50, form.armpit() + 20, 50, form.hip() + 34)
                .to(41, form.hip() + 36)
                .curve(40, form.armpit() + 30, 36, form.armpit() + 4)
                .close();
        sheet.shape(fall, fabric);
        if (hasBorder()) {
            double y = form.hip() + 35 - borderWidth();
            border(sheet, Outline.polygon(41, y + 1, 50, y, 50, form.hip() + 34, 41, form.hip() + 36));
        }
    }

    private void wrapped(Sheet sheet, Form form) {
        double top = form.waist() + 4;
        double hem = form.y((piece.hem() == null ? Hem.ANKLE : piece.hem()).landmark());
        SkirtCut skirt = new SkirtCut(Shape.WRAP, form, top, hem);
        Outline right = Outline.at(0, top + 1.5).to(skirt.half(top), top);
        skirt.side(right);
        skirt.hem(right);
        sheet.shape(right.whole(), fabric);
        Outline over = Outline.at(-skirt.half(top), top)
                .to(16, top + 1)
                .curve(10, (top + hem) / 2, 17, hem + 8)
                .curve(-10, hem + 5, -skirt.half(hem), hem)
                .curve(-skirt.half(form.hip()) - 3, form.hip(), -skirt.half(top), top)
                .close();
        sheet.shape(over, fabric);
        if (hasBorder()) {
            border(
                    sheet,
                    Outline.at(12, top + 4)
                            .curve(6, (top + hem) / 2, 12, hem + 7)
                            .to(17, hem + 8)
                            .curve(10, (top + hem) / 2, 16, top + 1)
                            .close());
        }
        sheet.shape(
                Outline.at(14, top + 4)
                        .cubic(28, top - 8, 34, top + 4, 20, top + 7)
                        .close(),
                fabric);
        sheet.shape(
                Outline.at(16, top + 5)
                        .curve(24, top + 22, 21, top + 38)
                        .to(13, top + 34)
                        .curve(15, top + 20, 13, top + 6)
                        .close(),
                fabric);
        sheet.shape(Outline.ellipse(15.5, top + 4.5, 5, 4), fabric);
        for (double part : new double[] {0.25, 0.5, 0.75}) {
            sheet.line(
                    Outline.at(12, top + 8)
                            .curve(-10 * part, top + 60 * part, -skirt.half(top + 40 * part) + 3, top + 26 * part + 10),
                    fabric.line(),
                    Weight.FINE);
        }
    }

    private void dupatta(Sheet sheet, Form form) {
        double end = form.y(400);
        double y = form.shoulder(30);
        Outline right = Outline.at(0, form.armpit() + 14)
                .curve(22, form.armpit() + 4, 24, y - 4)
                .curve(36, y - 4, 44, y + 6)
                .curve(50, form.waist(), 50, end)
                .to(36, end + 2)
                .curve(36, form.waist(), 34, form.armpit() + 22)
                .curve(22, form.armpit() + 36, 0, form.armpit() + 40);
        sheet.shape(right.whole(), fabric);
        for (double part : new double[] {0.3, 0.65}) {
            sheet.lines(
                    Outline.at(0, form.armpit() + 14 + 26 * part)
                            .curve(26, form.armpit() + 4 + 24 * part, 26 + 14 * part, y)
                            .curve(38 + 10 * part, form.waist(), 38 + 10 * part, end),
                    fabric.line(),
                    Weight.FINE);
        }
        double band = end - (hasBorder() ? borderWidth() * 1.5 : 5);
        sheet.shape(
                Outline.polygon(36, band + 2, 50, band, 50, end, 36, end + 2),
                Paint.flat(fabric.second()),
                fabric.outline());
        sheet.shape(
                Outline.polygon(-36, band + 2, -50, band, -50, end, -36, end + 2),
                Paint.flat(fabric.second()),
                fabric.outline());
    }

    private void shawl(Sheet sheet, Form form) {
        double point = form.y(500);
        double y = form.shoulder(20);
        Outline right = Outline.at(0, form.armpit() + 30)
                .curve(12, form.armpit(), 13, y - 6)
                .curve(38, y - 6, 56, form.armpit() + 10)
                .curve(64, form.waist() - 10, 58, form.waist() + 16)
                .to(26, form.waist() - 4)
                .to(0, form.waist() - 14);
        Outline back = Outline.at(0, point).to(60, form.armpit() + 24).to(0, y).whole();
        sheet.shape(back, fabric.inside(), fabric.outline());
        sheet.shape(right.whole(), fabric);
        sheet.lines(
                Outline.at(20, y + 4).curve(44, form.armpit() + 4, 44, form.waist() + 6), fabric.line(), Weight.SEAM);
        for (int i = 0; i < 8; i++) {
            double x = 26 + i * 4.4;
            double at = form.waist() - 4 + i * 2.6;
            sheet.lines(Outline.at(x, at).to(x - 0.8, at + 9), fabric.outline(), Weight.SEAM);
        }
    }

    private void stole(Sheet sheet, Form form) {
        double end = form.y(470);
        double y = form.shoulder(16);
        Outline behind =
                Outline.at(0, y - 18).curve(10, y - 18, 14, y - 7).to(8, y + 4).curve(6, y - 6, 0, y - 7);
        sheet.shape(behind.whole(), fabric.inside(), fabric.outline());
        sheet.pair(
                Outline.at(6, form.waist() - 40)
                        .curve(8, y + 10, 12, y - 8)
                        .curve(30, y - 2, 40, y + 10)
                        .curve(34, form.armpit() + 10, 28, form.waist())
                        .to(28, end)
                        .to(7, end)
                        .close(),
                fabric);
        sheet.lines(Outline.at(18, y).curve(20, form.armpit(), 17, end - 2), fabric.line(), Weight.SEAM);
        for (int i = 0; i < 5; i++) {
            double x = 9 + i * 4.4;
            sheet.lines(Outline.at(x, end).to(x, end + 9), fabric.outline(), Weight.SEAM);
        }
    }
}
