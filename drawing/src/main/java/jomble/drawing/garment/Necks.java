package jomble.drawing.garment;

import jomble.core.piece.Cloth;
import jomble.core.piece.Detail;
import jomble.core.piece.Family;
import jomble.core.piece.Lapel;
import jomble.core.piece.Neckline;
import jomble.core.piece.Surface;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** What finishes the neck: bands, collars, rolls, bows, lapels and hoods. */
final class Necks {
    private final UpperCut cut;
    private final Fabric fabric;

    Necks(UpperCut cut, Fabric fabric) {
        this.cut = cut;
        this.fabric = fabric;
    }

    void draw(Sheet sheet) {
        if (cut.hasLapels()) {
            lapels(sheet);
            return;
        }
        double y = cut.neckY();
        switch (cut.neck()) {
            case ROLL -> tube(sheet, 19, true);
            case HIGH -> tube(sheet, 10, false);
            case POINT_COLLAR -> collar(sheet, cut.piece.cloth().surface() == Surface.KNIT ? 15 : 19);
            case BAND_COLLAR -> band(sheet);
            case BOW -> {
                band(sheet);
                bow(sheet, cut.frontY() + 3);
            }
            case COWL -> {
                for (double deep : new double[] {9, 17, 26}) {
                    sheet.line(
                            Outline.at(-cut.neckHalf + 1, y + deep * 0.4)
                                    .curve(0, y + cut.neckDepth + deep, cut.neckHalf - 1, y + deep * 0.4),
                            fabric.line(),
                            Weight.SEAM);
                }
            }
            case CREW, V, SCOOP, BOAT -> edge(sheet);
            default -> {}
        }
        if (cut.piece.has(Detail.RUFFLE) && cut.hasShoulders()) {
            ruffle(sheet);
        }
        if (cut.piece.has(Detail.BOW) && cut.neck() != Neckline.BOW) {
            bow(sheet, cut.frontY() + 4);
        }
    }

    /** The band along a knitted neck, or the stitching of a woven one. */
    private void edge(Sheet sheet) {
        if (!cut.hasShoulders() || cut.isOpen()) {
            return;
        }
        boolean knit = cut.piece.cloth().surface() == Surface.KNIT;
        double wide = !knit ? 2.5 : cut.piece.cloth() == Cloth.JERSEY ? 4 : 6.5;
        double n = cut.neckHalf + wide * 0.9;
        double top = cut.form.shoulder(n);
        double front = cut.frontY() + wide;
        Outline line = Outline.at(-n, top);
        switch (cut.neck()) {
            case V ->
                line.curve(-n * 0.62, front - cut.neckDepth * 0.5, 0, front + wide * 0.4)
                        .curve(n * 0.62, front - cut.neckDepth * 0.5, n, top);
            case SCOOP ->
                line.cubic(-n, front - 6, -n * 0.7, front, 0, front).cubic(n * 0.7, front, n, front - 6, n, top);
            case BOAT -> line.curve(-n * 0.7, front, 0, front).curve(n * 0.7, front, n, top);
            default ->
                line.cubic(-n * 0.95, front - cut.neckDepth * 0.45, -n * 0.6, front, 0, front)
                        .cubic(n * 0.6, front, n * 0.95, front - cut.neckDepth * 0.45, n, top);
        }
        sheet.line(line, fabric.line(), knit ? Weight.SEAM : Weight.STITCH);
    }

    /** A neck that stands: a high neck, or with a fold a roll. */
    private void tube(Sheet sheet, double rise, boolean folded) {
        double n = cut.neckHalf;
        double y = cut.neckY();
        Outline right = Outline.at(0, y - rise + 2)
                .curve(n * 0.6, y - rise + 1.5, n - 1.5, y - rise - 1)
                .curve(n - 2, y - 6, n + 1, y + 1)
                .curve(n * 0.6, y + 8, 0, y + 8);
        sheet.part(right.whole(), fabric);
        if (folded) {
            sheet.line(
                    Outline.at(-n + 1, y - rise * 0.45).curve(0, y - rise * 0.45 + 5, n - 1, y - rise * 0.45),
                    fabric.line(),
                    Weight.SEAM);
        }
        sheet.line(
                Outline.at(-n, y - rise + 1.2)
                        .curve(0, y - rise + 5, n, y - rise + 1.2)
                        .mapped(0.84, 1, 0, 0),
                fabric.line(),
                Weight.FINE);
    }

    /** The collar where it goes round the back of the neck. */
    private void backOfCollar(Sheet sheet, double y) {
        if (cut.wearing.onBody()) {
            return;
        }
        Outline back =
                Outline.at(0, y - 5).curve(8, y - 6, 12, y - 4).to(14, y + 1).curve(8, y + 3, 0, y + 3);
        sheet.part(back.whole(), fabric);
    }

    private void collar(Sheet sheet, double point) {
        double y = cut.neckY();
        double stand = y - 6;
        if (!cut.wearing.onBody()) {
            sheet.shape(
                    Outline.at(0, stand - 1)
                            .curve(7, stand - 1, 10.5, stand + 2)
                            .curve(6, y + 5, 0, y + 6)
                            .whole(),
                    fabric.inside(),
                    fabric.outline());
        }
        double front = cut.frontY();
        double open = cut.isOpen() ? 6 : 0.4;
        sheet.parts(
                Outline.at(open, front - 1)
                        .curve(9, y, 9.5, stand - 2)
                        .curve(14, stand - 1, 15.5, y + 1)
                        .to(19.5, y + point)
                        .curve(11, y + point - 4, open + 3, front + 1.5)
                        .close(),
                fabric);
        sheet.lines(
                Outline.at(open + 3.4, front - 0.4)
                        .curve(10.5, y + point - 6.5, 17.4, y + point - 3.4)
                        .to(14.2, y + 2.4),
                fabric.line(),
                Weight.STITCH);
    }

    private void band(Sheet sheet) {
        double y = cut.neckY();
        Outline right =
                Outline.at(0, y + 4).curve(7, y + 2, 10, y - 7).to(13, y).curve(9, y + 9, 0, cut.frontY() + 2);
        sheet.part(right.whole(), fabric);
    }

    private void bow(Sheet sheet, double y) {
        sheet.parts(
                Outline.at(2, y)
                        .curve(8, y + 12, 6, y + 34)
                        .to(13, y + 31)
                        .curve(14, y + 12, 2, y)
                        .close(),
                fabric);
        sheet.parts(
                Outline.at(1, y)
                        .cubic(7, y - 11, 22, y - 10, 22, y)
                        .cubic(22, y + 9, 8, y + 9, 1, y)
                        .close(),
                fabric);
        sheet.part(Outline.ellipse(0, y, 3.4, 4), fabric);
    }

    private void ruffle(Sheet sheet) {
        double y = cut.frontY();
        Outline line = Outline.at(4, y);
        Outline other = Outline.at(4, y);
        for (int i = 0; i < 6; i++) {
            double at = y + 9 * i;
            line.curve(13, at + 2, 4, at + 9);
            other.curve(9, at + 5, 4, at + 9);
        }
        sheet.parts(line.close(), fabric);
        sheet.lines(other, fabric.line(), Weight.FINE);
    }

    /** Collar and lapels, turned back down to the break. */
    private void lapels(Sheet sheet) {
        double y = cut.neckY();
        double b = cut.frontY();
        double gap = cut.isOpen() ? cut.gap(b) : 0;
        double wide = cut.piece.kind().family() == Family.COAT ? 1.18 : 1;
        backOfCollar(sheet, y);
        if (cut.lapel() == Lapel.SHAWL) {
            Outline shawl = Outline.at(gap, b)
                    .cubic(gap + 4, b - 24, 11, y + 10, 10, y - 4)
                    .curve(14, y - 3, 16, y + 3)
                    .cubic(30 * wide, y + 28, 24 * wide + gap * 0.7, y + 48, gap, b)
                    .close();
            sheet.parts(shawl, fabric);
            sheet.fill(shawl, Paint.flat("#fff").faded(0.13));
            sheet.fill(shawl.mirrored(), Paint.flat("#fff").faded(0.13));
            return;
        }
        boolean peak = cut.lapel() == Lapel.PEAK;
        double tipX = (peak ? 31 : 27) * wide;
        double tipY = y + (peak ? 20 : 31);
        double gorgeX = 20 * wide;
        double gorgeY = y + (peak ? 25 : 27);
        sheet.parts(
                Outline.at(gap, b)
                        .cubic(gap + 4, b - 24, 11, y + 12, 10, y)
                        .to(gorgeX - 7, y + 15)
                        .to(gorgeX, gorgeY)
                        .to(tipX, tipY)
                        .cubic(tipX - 1, tipY + 14, gap * 0.7 + 12, b - 22, gap, b)
                        .close(),
                fabric);
        sheet.parts(
                Outline.at(10, y - 4)
                        .curve(14, y - 3, 16, y + 2)
                        .to((peak ? 27 : 25) * wide, y + (peak ? 18 : 19))
                        .to(gorgeX, gorgeY)
                        .curve(12, y + 14, 10, y + 1)
                        .close(),
                fabric);
    }

    /** A hood lying on the shoulders. */
    static void hood(Sheet sheet, UpperCut cut, Fabric fabric, boolean furred) {
        double y = cut.neckY();
        Outline outer =
                Outline.at(0, y - 30).cubic(17, y - 31, 27, y - 14, 21, y + 6).curve(17, y + 17, 0, y + 20);
        sheet.shape(outer.whole(), fabric);
        Outline opening =
                Outline.at(0, y - 21).cubic(11, y - 21, 17, y - 9, 12, y + 4).curve(8, y + 13, 0, y + 14);
        sheet.shape(opening.whole(), fabric.inside(), fabric.line());
        if (furred) {
            Outline fur = Outline.at(0, y - 31);
            for (int i = 1; i <= 9; i++) {
                double angle = Math.PI * i / 9.5;
                double far = i % 2 == 0 ? 1 : 1.18;
                fur.to(Math.sin(angle) * 21 * far, y - 7 - Math.cos(angle) * 25 * far);
            }
            sheet.line(fur, fabric.line(), Weight.SEAM);
            sheet.line(fur.mirrored(), fabric.line(), Weight.SEAM);
        }
    }
}
