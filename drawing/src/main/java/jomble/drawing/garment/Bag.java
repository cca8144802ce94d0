package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Bags, each with its own body, opening and handle. The body's top is at 0, its middle at x 0. */
final class Bag implements Garment {
    private static final double HALF_BELT = 46;
    /** Between a belt and the waist, for what is worn beneath. */
    private static final double ROOM = 6;

    private final String kind;
    private final Fabric fabric;

    Bag(Piece piece) {
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        switch (kind) {
            case "tote-bag" -> tote(sheet);
            case "shoulder-bag" -> shoulder(sheet);
            case "cross-body-bag" -> crossBody(sheet);
            case "clutch-bag" -> clutch(sheet);
            case "rucksack" -> rucksack(sheet);
            default -> beltBag(sheet);
        }
    }

    /** Beside the hand, at the hip or, for what has no handle, where the hand would hold it; a belt bag about the waist. */
    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        Sheet bag = new Sheet();
        draw(bag, wearing);
        if (kind.equals("belt-bag")) {
            double waist = wearing.form().waist();
            sheet.add(bag, (wearing.form().half(waist) + ROOM) / HALF_BELT, 0, waist);
            return;
        }
        double y = wearing.form().hip() + (kind.equals("tote-bag") ? 34 : kind.equals("clutch-bag") ? 12 : 26);
        sheet.add(bag, kind.equals("rucksack") ? 0.9 : 0.8, 82, y);
    }

    private void handle(Sheet sheet, Outline line) {
        sheet.line(line, fabric.outline(), Weight.CORD);
    }

    private void tote(Sheet sheet) {
        handle(sheet, Outline.at(-14, 2).cubic(-13, -34, 13, -34, 14, 2));
        sheet.shape(
                Outline.at(-28, 0)
                        .to(28, 0)
                        .curve(27, 26, 24, 50)
                        .curve(0, 53, -24, 50)
                        .curve(-27, 26, -28, 0)
                        .close(),
                fabric);
        sheet.line(Outline.at(-27.5, 4).to(27.5, 4), fabric.line(), Weight.STITCH);
        handle(
                sheet,
                Outline.at(-14, 10).to(-14, 0).cubic(-12, -28, 12, -28, 14, 0).to(14, 10));
        sheet.lines(Outline.at(-17, 10).to(-11, 10), fabric.line(), Weight.SEAM);
    }

    private void shoulder(Sheet sheet) {
        handle(sheet, Outline.at(-20, 4).cubic(-20, -40, 20, -40, 20, 4));
        sheet.shape(
                Outline.at(-25, 4)
                        .curve(0, -2, 25, 4)
                        .cubic(33, 30, 28, 40, 18, 40)
                        .to(-18, 40)
                        .cubic(-28, 40, -33, 30, -25, 4)
                        .close(),
                fabric);
        sheet.line(Outline.at(-25, 8).curve(0, 16, 25, 8), fabric.line(), Weight.SEAM);
        sheet.shape(Outline.circle(-20, 6, 2.6), Paint.NONE, fabric.metal());
        sheet.shape(Outline.circle(20, 6, 2.6), Paint.NONE, fabric.metal());
    }

    private void crossBody(Sheet sheet) {
        sheet.line(Outline.at(-22, 4).cubic(-30, -52, 30, -52, 22, 4), fabric.outline(), Weight.OUTLINE);
        sheet.shape(
                Outline.at(-24, 0)
                        .to(24, 0)
                        .to(24, 32)
                        .curve(24, 37, 19, 37)
                        .to(-19, 37)
                        .curve(-24, 37, -24, 32)
                        .close(),
                fabric);
        sheet.shape(
                Outline.at(-24.5, -1)
                        .to(24.5, -1)
                        .curve(24, 20, 14, 22)
                        .to(-14, 22)
                        .curve(-24, 20, -24.5, -1)
                        .close(),
                fabric);
        sheet.line(
                Outline.at(-22, 2).curve(-21, 17, -13, 19).to(13, 19).curve(21, 17, 22, 2),
                fabric.line(),
                Weight.STITCH);
        sheet.shape(Outline.rectangle(-4, 18, 8, 7), Paint.flat(fabric.metal()), fabric.outline());
    }

    private void clutch(Sheet sheet) {
        sheet.shape(Outline.polygon(-32, 0, 32, 0, 32, 34, -32, 34), fabric);
        sheet.shape(Outline.polygon(-32.5, -0.5, 32.5, -0.5, 0, 22), fabric);
        sheet.shape(Outline.circle(0, 19, 3), Paint.flat(fabric.metal()), fabric.outline());
    }

    private void rucksack(Sheet sheet) {
        handle(sheet, Outline.at(-6, -2).cubic(-6, -12, 6, -12, 6, -2));
        sheet.pair(Outline.at(20, 16).curve(31, 24, 27, 52).to(22, 52).close(), fabric);
        sheet.shape(
                Outline.at(0, -3)
                        .cubic(20, -3, 25, 8, 25, 24)
                        .to(27, 56)
                        .curve(26, 62, 18, 62)
                        .to(0, 62)
                        .whole(),
                fabric);
        sheet.shape(
                Outline.at(0, -4)
                        .cubic(20, -4, 25, 8, 24.5, 22)
                        .curve(12, 27, 0, 27)
                        .whole(),
                fabric);
        sheet.shape(
                Outline.at(0, 36)
                        .to(16, 36)
                        .to(17, 54)
                        .curve(16, 58, 12, 58)
                        .to(0, 58)
                        .whole(),
                fabric);
        sheet.line(Outline.at(-15, 40).to(15, 40), fabric.line(), Weight.STITCH);
        for (double x : new double[] {-10, 10}) {
            sheet.shape(Outline.rectangle(x - 1.6, 20, 3.2, 15), fabric.trim(), fabric.line());
        }
    }

    private void beltBag(Sheet sheet) {
        sheet.shape(Outline.polygon(-HALF_BELT, 8, -22, 5, -22, 13, -HALF_BELT, 15), fabric);
        sheet.shape(Outline.polygon(HALF_BELT, 8, 22, 5, 22, 13, HALF_BELT, 15), fabric);
        sheet.shape(
                Outline.at(-24, 4)
                        .curve(0, -1, 24, 4)
                        .cubic(30, 18, 24, 26, 16, 26)
                        .to(-16, 26)
                        .cubic(-24, 26, -30, 18, -24, 4)
                        .close(),
                fabric);
        new Details(sheet, fabric).zip(-19, 9, 19, 9);
        sheet.shape(Outline.rectangle(36, 7, 7, 9), fabric.trim(), fabric.outline());
    }
}
