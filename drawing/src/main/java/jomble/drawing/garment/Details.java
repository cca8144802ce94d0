package jomble.drawing.garment;

import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** The small parts tailors and factories put on garments: buttons, zips, pockets, belts. */
final class Details {
    private final Sheet sheet;
    private final Fabric fabric;

    Details(Sheet sheet, Fabric fabric) {
        this.sheet = sheet;
        this.fabric = fabric;
    }

    void button(double x, double y, double radius) {
        sheet.shape(Outline.circle(x, y, radius), fabric.trim(), fabric.line());
    }

    /** Buttons down a line. */
    void buttons(double x, double fromY, double toY, int count, double radius) {
        for (int i = 0; i < count; i++) {
            button(x, count == 1 ? fromY : fromY + (toY - fromY) * i / (count - 1), radius);
        }
    }

    void seam(double... points) {
        sheet.line(Outline.polyline(points), fabric.line(), Weight.SEAM);
    }

    void stitch(double... points) {
        sheet.line(Outline.polyline(points), fabric.line(), Weight.STITCH);
    }

    void seams(double... points) {
        sheet.lines(Outline.polyline(points), fabric.line(), Weight.SEAM);
    }

    void stitches(double... points) {
        sheet.lines(Outline.polyline(points), fabric.line(), Weight.STITCH);
    }

    void zip(double... points) {
        sheet.line(Outline.polyline(points), fabric.metal(), Weight.CORD);
        sheet.line(Outline.polyline(points), fabric.outline(), Weight.STITCH);
    }

    /** A pocket set on from outside, with its stitching, on both sides. */
    void patchPockets(double x, double y, double width, double height) {
        sheet.parts(patch(x, y, width, height), fabric);
        stitches(x - width / 2 + 1.4, y + 3.4, x + width / 2 - 1.4, y + 3.4);
    }

    private static Outline patch(double x, double y, double width, double height) {
        double h = width / 2;
        return Outline.polygon(
                x - h,
                y,
                x + h,
                y,
                x + h,
                y + height - 2,
                x + h - 2.5,
                y + height,
                x - h + 2.5,
                y + height,
                x - h,
                y + height - 2);
    }

    void patchPocket(double x, double y, double width, double height) {
        sheet.part(patch(x, y, width, height), fabric);
        stitch(x - width / 2 + 1.4, y + 3, x + width / 2 - 1.4, y + 3);
    }

    /** A pocket on the chest with a pointed flap, on both sides. */
    void flappedPatchPockets(double x, double y, double width, double height) {
        patchPockets(x, y, width, height);
        double h = width / 2 + 0.8;
        sheet.parts(Outline.polygon(x - h, y - 1, x + h, y - 1, x + h, y + 4.5, x, y + 7.5, x - h, y + 4.5), fabric);
        button(x, y + 4.6, 1);
        button(-x, y + 4.6, 1);
    }

    void flapPockets(double x, double y, double width) {
        double h = width / 2;
        sheet.parts(Outline.polygon(x - h, y - 0.6, x + h, y, x + h, y + 6, x - h + 0.8, y + 5.6), fabric);
    }

    void jettedPockets(double x, double y, double width, double slant) {
        double h = width / 2;
        seams(x - h, y, x + h, y + slant, x + h, y + slant + 2.2, x - h, y + 2.2, x - h, y);
    }

    /** A welt pocket on the wearer's left breast. */
    void breastWelt(double x, double y) {
        sheet.part(Outline.polygon(x - 7, y + 1.6, x + 7, y - 0.6, x + 7, y + 2.4, x - 7, y + 4.6), fabric);
    }

    /** A belt across the garment, with its buckle or its knot. */
    void belt(double half, double y, double height, boolean buckled) {
        sheet.part(
                Outline.at(0, y + 1.5)
                        .curve(half * 0.6, y + 1.5, half, y)
                        .to(half, y + height)
                        .curve(half * 0.6, y + height + 1.5, 0, y + height + 1.5)
                        .whole(),
                fabric);
        if (buckled) {
            sheet.shape(Outline.rectangle(-6, y, 11, height + 2.6), Paint.NONE, fabric.outline());
            seam(-2, y + height / 2 + 1.4, 4, y + height / 2 + 1.4);
            sheet.part(
                    Outline.polygon(
                            5, y + 1.4, 17, y + 1, 19, y + height / 2 + 1, 17, y + height + 1, 5, y + height + 1.4),
                    fabric);
        } else {
            sheet.part(
                    Outline.polygon(1, y + height, 9, y + height + 32, 14, y + height + 29, 6, y + height - 1), fabric);
            sheet.part(
                    Outline.polygon(-1, y + height, -5, y + height + 28, -10, y + height + 25, -6, y + height - 1),
                    fabric);
            sheet.part(Outline.ellipse(0, y + height / 2 + 1.5, 5, height / 2 + 1.6), fabric);
        }
    }

    void drawstring(double x, double fromY, double toY) {
        sheet.lines(Outline.at(x, fromY).curve(x + 2, (fromY + toY) / 2, x - 0.5, toY), fabric.second(), Weight.SEAM);
        sheet.lines(Outline.at(x - 0.5, toY - 3).to(x - 0.7, toY), fabric.line(), Weight.CORD);
    }
}
