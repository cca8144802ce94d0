package jomble.drawing.garment;

import jomble.core.piece.Attribute;
import jomble.core.piece.Detail;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;
import jomble.core.piece.Show;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Jewellery, watches and the small extras, where they are worn. */
final class Jewellery implements Garment {
    private final Piece piece;
    private final String kind;
    private final Fabric fabric;
    private final boolean statement;

    Jewellery(Piece piece) {
        this.piece = piece;
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
        this.statement = piece.get(Attribute.SHOW) == Show.STATEMENT;
    }

    /** Of metal, or of the piece's own colours where it names no metal. */
    private Paint stuff() {
        return piece.metal() == Metal.NONE ? Paint.flat(fabric.ground()) : Paint.flat(fabric.metal());
    }

    private String ink() {
        return piece.metal() == Metal.NONE ? fabric.ground() : fabric.metal();
    }

    private static final String EDGE = "#4a4636";

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        Form form = wearing.form();
        double y = form.shoulder(11);
        switch (kind) {
            case "necklace" -> necklace(sheet, form, y);
            case "earrings" -> {
                earring(sheet, -13, 34);
                earring(sheet, 13, 34);
            }
            case "bracelet" -> ring(sheet, 0, 0, 17, 13, statement ? 6 : 3.6);
            case "ring" -> {
                ring(sheet, 0, 0, 11, 12, 2.4);
                sheet.shape(
                        Outline.polygon(-6, -14, -3, -19, 3, -19, 6, -14, 0, -8), Paint.flat(fabric.ground()), EDGE);
            }
            case "watch" -> watch(sheet);
            case "brooch" -> brooch(sheet);
            case "cufflinks" -> {
                cufflink(sheet, -11);
                cufflink(sheet, 11);
            }
            case "hair-piece" -> {
                sheet.shape(
                        Outline.at(-26, 4)
                                .curve(0, -8, 26, 4)
                                .curve(0, 0, -26, 4)
                                .close(),
                        stuff(),
                        EDGE);
                sheet.shape(Outline.at(-24, 7).curve(0, 2, 24, 7), Paint.NONE, EDGE);
                for (double x : new double[] {-12, 0, 12}) {
                    sheet.shape(Outline.circle(x, -1.5 + Math.abs(x) * 0.12, 2.6), Paint.flat(fabric.ground()), EDGE);
                }
            }
            case "headband" -> {
                sheet.shape(
                        Outline.at(-34, 24)
                                .cubic(-34, -26, 34, -26, 34, 24)
                                .to(25, 26)
                                .cubic(25, -10, -25, -10, -25, 26)
                                .close(),
                        stuff(),
                        EDGE);
                sheet.line(Outline.at(-29, 22).cubic(-28, -17, 28, -17, 29, 22), EDGE, Weight.OUTLINE);
            }
            case "sunglasses" -> sunglasses(sheet);
            case "unnamed-piece" -> swingTag(sheet);
            default -> pocketSquare(sheet);
        }
    }

    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        Form form = wearing.form();
        switch (kind) {
            case "necklace", "earrings" -> draw(sheet, wearing);
            case "ring" -> at(sheet, wearing, 0.26, 69, form.hip() + 32);
            case "bracelet", "watch" -> at(sheet, wearing, 0.26, 65, form.hip() + 14);
            case "brooch" -> at(sheet, wearing, 0.45, 21, form.armpit() + 6);
            case "pocket-square" -> pocketPoints(sheet, 20, form.armpit() + 9);
            case "sunglasses" -> at(sheet, wearing, 0.55, 0, form.armpit() - 8);
            case "hair-piece", "headband" -> at(sheet, wearing, 0.5, 0, 24);
            default -> {
                at(sheet, wearing, 0.26, 63, form.hip() + 8);
            }
        }
    }

    private void at(Sheet sheet, Wearing wearing, double scale, double x, double y) {
        Sheet own = new Sheet();
        draw(own, wearing);
        sheet.add(own, scale, x, y);
    }

    private void necklace(Sheet sheet, Form form, double y) {
        double drop = piece.has(Detail.LONG_NECKLACE) ? form.waist() - 16 : y + 26;
        Outline chain =
                Outline.at(-12, y - 4).cubic(-12, drop - 4, -5, drop, 0, drop).cubic(5, drop, 12, drop - 4, 12, y - 4);
        sheet.line(chain, EDGE, Weight.CORD);
        sheet.line(chain, ink(), Weight.OUTLINE);
        if (statement) {
            for (int i = -3; i <= 3; i++) {
                sheet.shape(
                        Outline.ellipse(i * 3.6, drop - Math.abs(i) * Math.abs(i) * 0.7 + 2, 2.6, 4),
                        Paint.flat(fabric.ground()),
                        EDGE);
            }
        } else {
            sheet.shape(
                    Outline.at(0, drop)
                            .curve(4.6, drop + 6, 0, drop + 9)
                            .curve(-4.6, drop + 6, 0, drop)
                            .close(),
                    stuff(),
                    EDGE);
        }
    }

    private void earring(Sheet sheet, double x, double y) {
        sheet.shape(Outline.circle(x, y, 2.2), stuff(), EDGE);
        if (statement) {
            sheet.shape(
                    Outline.at(x, y + 3)
                            .curve(x + 6, y + 14, x, y + 18)
                            .curve(x - 6, y + 14, x, y + 3)
                            .close(),
                    Paint.flat(fabric.ground()),
                    EDGE);
        } else {
            sheet.shape(Outline.circle(x, y + 8, 5.4), Paint.NONE, EDGE);
            sheet.line(Outline.circle(x, y + 8, 5.4), ink(), Weight.OUTLINE);
        }
    }

    private void ring(Sheet sheet, double x, double y, double rx, double ry, double thick) {
        sheet.shape(Outline.ellipse(x, y, rx, ry), stuff(), EDGE);
        sheet.shape(Outline.ellipse(x, y - thick * 0.25, rx - thick * 0.8, ry - thick), Paint.flat("#ececec"), EDGE);
    }

    private void watch(Sheet sheet) {
        sheet.shape(
                Outline.at(-8, -34)
                        .to(8, -34)
                        .to(9, -14)
                        .to(9, 14)
                        .to(7, 36)
                        .curve(0, 40, -7, 36)
                        .to(-9, 14)
                        .to(-9, -14)
                        .close(),
                fabric);
        sheet.shape(Outline.rectangle(-10, -38, 20, 7), Paint.NONE, fabric.metal());
        sheet.shape(Outline.circle(0, 0, 15), Paint.flat(fabric.metal()), EDGE);
        sheet.shape(Outline.circle(0, 0, 11), Paint.flat("#fbfbfb"), EDGE);
        sheet.line(Outline.at(0, -8).to(0, 0).to(5.4, 3), "#17181a", Weight.SEAM);
        sheet.shape(Outline.rectangle(15, -2, 3, 4), Paint.flat(fabric.metal()), EDGE);
    }

    private void brooch(Sheet sheet) {
        for (int i = 0; i < 8; i++) {
            double angle = Math.toRadians(45 * i);
            sheet.shape(Outline.ellipse(9 * Math.cos(angle), 9 * Math.sin(angle), 4.6, 4.6), stuff(), EDGE);
        }
        sheet.shape(Outline.circle(0, 0, 6), Paint.flat(fabric.ground()), EDGE);
    }

    private void cufflink(Sheet sheet, double x) {
        sheet.shape(Outline.rectangle(x - 2, 0, 4, 14), stuff(), EDGE);
        sheet.shape(Outline.rectangle(x - 6, 12, 12, 4), stuff(), EDGE);
        sheet.shape(Outline.circle(x, -4, 8), stuff(), EDGE);
        sheet.shape(Outline.circle(x, -4, 4.6), Paint.flat(fabric.ground()), EDGE);
    }

    private void sunglasses(Sheet sheet) {
        sheet.pair(
                Outline.at(3, 0)
                        .curve(15, -4, 27, -1)
                        .cubic(28, 12, 22, 17, 15, 17)
                        .cubic(7, 17, 3, 11, 3, 0)
                        .close(),
                fabric);
        sheet.line(Outline.at(-3, 3).curve(0, -1, 3, 3), fabric.outline(), Weight.CORD);
        sheet.lines(Outline.at(27, 0).to(31, -3), fabric.outline(), Weight.CORD);
        sheet.lines(Outline.at(8, 4).to(13, 2), "#ffffff", Weight.SEAM);
    }

    /** Folded in four, as it lies in a drawer. */
    private void pocketSquare(Sheet sheet) {
        sheet.shape(Outline.polygon(-22, -18, 18, -22, 23, 18, -18, 22), fabric);
        sheet.shape(Outline.polygon(-18, -22, 22, -19, 19, 21, -22, 18), fabric);
        sheet.line(Outline.polygon(-15, -19, 19, -16.4, 16.4, 18, -19, 15.4), fabric.line(), Weight.STITCH);
        sheet.part(Outline.polygon(22, -19, 6, -20.2, 20.8, -4), fabric);
    }

    /** Three points above the breast pocket. */
    private void pocketPoints(Sheet sheet, double x, double y) {
        sheet.shape(
                Outline.polygon(
                        x - 6, y, x - 5, y - 3, x - 3, y - 4.4, x - 1, y - 2, x + 1, y - 5.4, x + 3, y - 2, x + 5,
                        y - 3.6, x + 6, y),
                fabric);
    }

    /** The tag that hangs on a piece nobody has named yet. */
    private void swingTag(Sheet sheet) {
        sheet.line(Outline.at(0, -46).curve(-10, -34, 0, -24), EDGE, Weight.OUTLINE);
        sheet.shape(
                Outline.at(-18, -14)
                        .to(0, -28)
                        .to(18, -14)
                        .to(18, 38)
                        .to(-18, 38)
                        .close(),
                Paint.flat(fabric.ground()),
                EDGE);
        sheet.shape(Outline.circle(0, -17, 3), Paint.NONE, EDGE);
        for (int y = 0; y < 30; y += 9) {
            sheet.line(Outline.at(-11, y).to(11, y), EDGE, Weight.OUTLINE);
        }
    }
}
