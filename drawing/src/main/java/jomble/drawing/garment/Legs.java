package jomble.drawing.garment;

import jomble.core.piece.Cloth;
import jomble.core.piece.Detail;
import jomble.core.piece.Piece;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** A pair of legs with the seams, pockets and creases that tell jeans from chinos from tailored trousers. */
final class Legs {
    private final Piece piece;
    private final LegCut cut;
    private final Fabric fabric;
    private final String kind;

    Legs(Piece piece, LegCut cut, Fabric fabric) {
        this.piece = piece;
        this.cut = cut;
        this.fabric = fabric;
        this.kind = piece.kind().origin().id();
    }

    void draw(Sheet sheet) {
        sheet.shape(cut.outline(), fabric);
        Details details = new Details(sheet, fabric);
        double y = cut.topY;
        double crotch = cut.crotchY();
        double hip = cut.form.hip();
        double side = cut.half(hip);
        switch (kind) {
            case "leggings" -> details.seam(0, y + 12, 0, crotch);
            case "jeans", "dungarees" -> {
                fly(sheet, true);
                for (double inset : new double[] {0, 1.6}) {
                    sheet.lines(
                            Outline.at(cut.waistHalf() * 0.42, y + 7 + inset)
                                    .curve(
                                            cut.waistHalf() * 0.55,
                                            y + 22 + inset,
                                            cut.half(y + 22) - 0.5,
                                            y + 22 + inset),
                            fabric.line(),
                            Weight.STITCH);
                }
                details.stitches(side - 1.6, hip, cut.half(cut.hemY - 4) - 1.6, cut.hemY - 4);
            }
            case "cargo-trousers" -> {
                fly(sheet, false);
                slantPockets(details);
                double at = cut.form.crotch() + 26;
                double x = cut.half(at) - 7;
                sheet.parts(Outline.rectangle(x - 9, at, 18, 25), fabric);
                sheet.parts(
                        Outline.polygon(x - 10, at - 2, x + 10, at - 2, x + 10, at + 5, x, at + 8, x - 10, at + 5),
                        fabric);
            }
            case "culottes", "jumpsuit", "playsuit" -> {
                details.seam(0, y + 6, 0, crotch);
                details.seams(cut.waistHalf() * 0.4, y + 7, cut.waistHalf() * 0.5, y + 34);
                details.seams(cut.waistHalf() * 0.62, y + 7, cut.waistHalf() * 0.8, y + 30);
            }
            case "tailored-trousers", "tailored-shorts" -> {
                fly(sheet, false);
                slantPockets(details);
                crease(sheet, y + 10);
            }
            default -> {
                fly(sheet, false);
                slantPockets(details);
                if (kind.equals("shorts")) {
                    hems(sheet, 6, Weight.STITCH);
                }
            }
        }
        ends(sheet, details);
        if (piece.has(Detail.DISTRESSED)) {
            for (double[] at : new double[][] {{17, cut.form.knee() - 8}, {-22, cut.form.knee() - 34}}) {
                for (int i = 0; i < 4; i++) {
                    sheet.line(
                            Outline.at(at[0] - 6, at[1] + i * 3).to(at[0] + 6, at[1] + i * 3 + 0.6),
                            "#f1f1f1",
                            Weight.SEAM);
                }
            }
        }
    }

    private void fly(Sheet sheet, boolean topstitched) {
        sheet.line(Outline.at(0, cut.topY + 7).to(0, cut.crotchY()), fabric.line(), Weight.SEAM);
        Outline curve = Outline.at(5, cut.topY + 7).to(5, cut.topY + 28).curve(5, cut.topY + 37, 0, cut.topY + 39);
        sheet.line(curve, fabric.line(), topstitched ? Weight.STITCH : Weight.FINE);
    }

    private void slantPockets(Details details) {
        double y = cut.topY;
        details.seams(cut.waistHalf() * 0.64, y + 8, cut.half(y + 34) - 1, y + 34);
    }

    /** The pressed fold down the middle of each leg. */
    private void crease(Sheet sheet, double from) {
        sheet.lines(
                Outline.at(cut.waistHalf() * 0.5, from)
                        .through(
                                cut.legCentre(cut.form.crotch()) + 1,
                                cut.form.crotch(),
                                cut.legCentre(cut.hemY),
                                cut.hemY),
                fabric.line(),
                Weight.SEAM);
    }

    private void hems(Sheet sheet, double up, Weight weight) {
        double y = cut.hemY - up;
        double c = cut.legCentre(y);
        double h = cut.legHalf(y);
        sheet.lines(Outline.at(Math.max(1.4, c - h), y).curve(c, y + 2, c + h - 0.3, y), fabric.line(), weight);
    }

    private void ends(Sheet sheet, Details details) {
        if (cut.cuffed) {
            double c = cut.legCentre(cut.hemY);
            double h = cut.legHalf(cut.hemY) + 1.2;
            sheet.parts(
                    Outline.polygon(
                            c - h, cut.hemY - 8, c + h, cut.hemY - 8, c + h, cut.hemY + 2.5, c - h, cut.hemY + 2.5),
                    fabric);
        } else if (kind.equals("tailored-shorts")) {
            hems(sheet, 7, Weight.SEAM);
        } else if (piece.cloth() == Cloth.DENIM) {
            hems(sheet, 3.5, Weight.STITCH);
            hems(sheet, 5, Weight.STITCH);
        } else if (!kind.equals("leggings") && !kind.equals("tailored-trousers")) {
            hems(sheet, 4, Weight.STITCH);
        }
    }
}
