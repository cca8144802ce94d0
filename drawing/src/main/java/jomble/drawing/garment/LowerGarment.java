package jomble.drawing.garment;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.piece.Detail;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Trousers, shorts and skirts. */
final class LowerGarment implements Garment {
    private static final Set<Shape> SKIRTS =
            EnumSet.of(Shape.PENCIL, Shape.A_LINE, Shape.PLEATED, Shape.WRAP, Shape.BIAS, Shape.TRUMPET, Shape.FULL);

    private final Piece piece;
    private final String kind;
    private final Fabric fabric;

    LowerGarment(Piece piece) {
        this.piece = piece;
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        if (kind.contains("skirt") || SKIRTS.contains(piece.shape())) {
            SkirtCut cut = SkirtCut.of(piece, wearing.form());
            skirt(sheet, cut, fabric);
            waistband(sheet, cut.topY, cut.half(cut.topY), cut.half(cut.topY + 7));
            if (cut.shape == Shape.WRAP) {
                double x = cut.half(cut.topY) * 0.72;
                sheet.part(Outline.polygon(x, cut.topY + 6, x + 9, cut.topY + 28, x + 4, cut.topY + 29), fabric);
                sheet.part(Outline.polygon(x, cut.topY + 6, x + 2, cut.topY + 24, x - 3, cut.topY + 24), fabric);
                sheet.part(Outline.ellipse(x, cut.topY + 5, 3.6, 3.2), fabric);
            }
        } else {
            LegCut cut = LegCut.of(piece, wearing);
            new Legs(piece, cut, fabric).draw(sheet);
            waistband(sheet, cut.topY, cut.waistHalf(), cut.half(cut.topY + 7));
        }
    }

    private void waistband(Sheet sheet, double y, double top, double below) {
        if (kind.equals("long-flared-skirt") || kind.equals("underskirt")) {
            sheet.line(Outline.at(-below, y + 5).curve(0, y + 7, below, y + 5), fabric.line(), Weight.STITCH);
            sheet.line(Outline.at(6, y + 2).curve(9, y + 10, 7, y + 22), fabric.line(), Weight.CORD);
            return;
        }
        double deep = kind.equals("leggings") ? 12 : 7;
        if (piece.has(Detail.PAPER_BAG_WAIST)) {
            Outline frill = Outline.at(-top, y + 1);
            for (int i = 1; i <= 9; i++) {
                double x = -top + 2 * top * i / 9;
                frill.curve(x - top / 9, y - 13, x, y + 1);
            }
            sheet.shape(frill.close(), fabric);
            new Details(sheet, fabric).belt(top, y, 5, false);
            return;
        }
        sheet.line(Outline.at(-below, y + deep).curve(0, y + deep + 2, below, y + deep), fabric.line(), Weight.SEAM);
        if (kind.equals("leggings")) {
            return;
        }
        boolean trousers = !kind.contains("skirt");
        if (trousers) {
            for (double x : new double[] {-0.62, 0.62}) {
                sheet.shape(Outline.rectangle(x * top - 1.2, y - 0.6, 2.4, 9), fabric.trim(), fabric.line());
            }
            sheet.shape(Outline.circle(0.5, y + 4, 1.7), fabric.trim(), fabric.line());
        }
        if (piece.has(Detail.PLEATED_WAIST)) {
            new Details(sheet, fabric).seams(top * 0.35, y + 7, top * 0.38, y + 26);
            new Details(sheet, fabric).seams(top * 0.55, y + 7, top * 0.6, y + 22);
        }
    }

    /** A skirt, from where it begins; also what hangs from the waist of a dress when drawn on its own. */
    static void skirt(Sheet sheet, SkirtCut cut, Fabric fabric) {
        double top = cut.half(cut.topY);
        Outline right = Outline.at(0, cut.topY + 1.5).curve(top * 0.6, cut.topY + 1.5, top, cut.topY);
        cut.side(right);
        cut.hem(right);
        sheet.shape(right.whole(), fabric);
        lines(sheet, cut, fabric);
    }

    /** What shows how a skirt is cut: pleats, folds, darts; the edge of a wrap with its tie. */
    static void lines(Sheet sheet, SkirtCut cut, Fabric fabric) {
        double top = cut.half(cut.topY);
        double hem = cut.half(cut.hemY);
        Details details = new Details(sheet, fabric);
        switch (cut.shape) {
            case PLEATED -> {
                for (int i = -5; i <= 5; i++) {
                    double at = i / 5.5;
                    sheet.line(Outline.at(at * top, cut.topY + 7).to(at * hem, cut.hemY), fabric.line(), Weight.SEAM);
                }
            }
            case FULL, FLARED, WIDE -> {
                for (double at : new double[] {0.2, 0.52, 0.82}) {
                    sheet.lines(
                            Outline.at(at * top, cut.topY + 8)
                                    .curve(at * (top + hem) * 0.46, (cut.topY + cut.hemY) / 2, at * hem, cut.hemY + 3),
                            fabric.line(),
                            Weight.SEAM);
                }
            }
            case WRAP -> {
                sheet.line(
                        Outline.at(top * 0.7, cut.topY + 4).curve(-4, (cut.topY + cut.hemY) / 2, -10, cut.hemY + 3),
                        fabric.line(),
                        Weight.SEAM);
            }
            case BIAS -> {
                details.seam(-top * 0.7, cut.topY + 14, top * 0.5, cut.topY + 50);
                sheet.line(
                        Outline.at(hem * 0.3, cut.hemY).curve(hem * 0.1, cut.hemY - 30, hem * 0.22, cut.hemY - 60),
                        fabric.line(),
                        Weight.FINE);
            }
            case TRUMPET -> {
                double knee = cut.form.knee() - 26;
                details.seams(top * 0.5, cut.topY + 8, cut.half(knee) * 0.45, knee);
                for (double at : new double[] {0.3, 0.68}) {
                    sheet.lines(
                            Outline.at(cut.half(knee) * at, knee + 6).to(at * hem, cut.hemY + 2),
                            fabric.line(),
                            Weight.SEAM);
                }
            }
            case PENCIL, SKINNY -> {
                details.seams(top * 0.5, cut.topY + 7, top * 0.55, cut.topY + 26);
                details.seam(0, cut.hemY - 26, 0, cut.hemY + 1);
            }
            case A_LINE -> details.seams(top * 0.5, cut.topY + 7, top * 0.56, cut.topY + 22);
            default -> details.stitches(top * 0.5, cut.topY + 7, top * 0.53, cut.topY + 20);
        }
        if (!cut.hasFolds() && cut.shape != Shape.TRUMPET) {
            sheet.line(
                    Outline.at(-hem + 1, cut.hemY - 4).curve(0, cut.hemY + 1, hem - 1, cut.hemY - 4),
                    fabric.line(),
                    Weight.STITCH);
        }
    }
}
