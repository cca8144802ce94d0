package jomble.drawing.garment;

import java.util.Set;
import jomble.core.piece.Detail;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Hem;
import jomble.core.piece.Opening;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;
import jomble.core.proportion.Landmark;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Dresses, jumpsuits, dungarees and swimsuits: a bodice and what hangs from it, cut in one. */
final class OnePiece implements Garment {
    private static final Set<String> LEGGED = Set.of("jumpsuit", "dungarees", "playsuit");
    private static final Set<String> BIBBED = Set.of("dungarees", "pinafore-dress");
    /** Dresses without a seam at the waist. */
    private static final Set<String> SEAMLESS = Set.of("shift-dress", "slip-dress", "knit-dress", "swimsuit");

    private final Piece piece;
    private final String kind;
    private final Fabric fabric;

    OnePiece(Piece piece) {
        this.piece = piece;
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        Form form = wearing.form();
        double hem = form.y((piece.hem() == null ? Hem.KNEE : piece.hem()).landmark());
        if (kind.equals("swimsuit")) {
            swimsuit(sheet, wearing);
        } else if (BIBBED.contains(kind)) {
            bibbed(sheet, wearing, hem);
        } else if (LEGGED.contains(kind)) {
            legged(sheet, wearing, hem);
        } else {
            dress(sheet, wearing, hem);
        }
    }

    private void dress(Sheet sheet, Wearing wearing, double hem) {
        Form form = wearing.form();
        double waist = form.waist();
        SkirtCut skirt = new SkirtCut(piece.shape() == null ? Shape.A_LINE : piece.shape(), form, waist, hem);
        UpperCut cut = new UpperCut(piece, wearing, skirt);
        Sleeves sleeves = new Sleeves(cut, fabric);
        if (sleeves.areThere()) {
            sleeves.draw(sheet);
        }
        new Body(cut, fabric, Body.Edge.SKIRT, skirt).draw(sheet);
        if (!cut.isOpen()) {
            LowerGarment.lines(sheet, skirt, fabric);
            waistSeam(sheet, cut);
            front(sheet, cut, skirt);
        }
        new Necks(cut, fabric).draw(sheet);
        if (wearing.belted() || kind.equals("shirt-dress") && !cut.isOpen()) {
            new Details(sheet, fabric).belt(cut.half(waist) + 0.6, waist - 4, 7, kind.equals("shirt-dress"));
        }
    }

    private void waistSeam(Sheet sheet, UpperCut cut) {
        if (SEAMLESS.contains(kind)) {
            return;
        }
        double y = cut.form.waist();
        double half = cut.half(y);
        sheet.line(Outline.at(-half, y).curve(0, y + 3, half, y), fabric.line(), Weight.SEAM);
    }

    private void front(Sheet sheet, UpperCut cut, SkirtCut skirt) {
        double waist = cut.form.waist();
        Details details = new Details(sheet, fabric);
        if (piece.opening() == Opening.BUTTONS) {
            details.seam(3.4, cut.frontY(), 3.4, skirt.hemY + 2);
            details.stitch(-3.4, cut.frontY() + 3, -3.4, skirt.hemY + 2);
            details.buttons(0, cut.frontY() + 8, skirt.hemY - 14, 9, 1.5);
        } else if (piece.opening() == Opening.WRAP) {
            sheet.line(
                    Outline.at(cut.neckHalf - 1, cut.neckY() + 2)
                            .curve(6, cut.frontY() - 4, -cut.half(waist) + 3, waist - 1),
                    fabric.line(),
                    Weight.SEAM);
            details.belt(cut.half(waist), waist - 4, 6, false);
        }
        switch (kind) {
            case "sheath-dress", "evening-dress" ->
                details.seams(24, cut.armpitY() + 2, 15, cut.form.armpit() + 16, 13, waist);
            case "shift-dress" -> details.seams(cut.chest() - 1, cut.armpitY() + 10, 20, cut.armpitY() + 6);
            case "knit-dress" -> {
                double y = skirt.hemY - 8;
                sheet.line(Outline.at(-skirt.half(y), y).curve(0, y + 3, skirt.half(y), y), fabric.line(), Weight.SEAM);
            }
            default -> {}
        }
        if (piece.has(Detail.RUFFLE)) {
            sheet.line(
                    Outline.at(-skirt.half(skirt.hemY - 24), skirt.hemY - 24)
                            .curve(0, skirt.hemY - 19, skirt.half(skirt.hemY - 24), skirt.hemY - 24),
                    fabric.line(),
                    Weight.SEAM);
        }
    }

    private LegCut legs(Wearing wearing, double topY, double hem) {
        return new LegCut(
                piece.shape() == null ? Shape.STRAIGHT : piece.shape(),
                piece.fit() == null ? Fit.REGULAR : piece.fit(),
                wearing.form(),
                topY,
                hem,
                wearing.is(Finish.CUFFED_HEM));
    }

    private void legged(Sheet sheet, Wearing wearing, double hem) {
        Form form = wearing.form();
        double waist = form.waist();
        Wearing tucked = new Wearing(form, wearing.onBody(), Set.of(Finish.TUCKED), waist, true);
        UpperCut cut = new UpperCut(piece, tucked, null);
        new Legs(piece, legs(wearing, waist, hem), fabric).draw(sheet);
        Sleeves sleeves = new Sleeves(cut, fabric);
        if (sleeves.areThere()) {
            sleeves.draw(sheet);
        }
        new Body(cut, fabric, Body.Edge.EVEN, null).draw(sheet);
        new Necks(cut, fabric).draw(sheet);
        Details details = new Details(sheet, fabric);
        details.seam(0, cut.frontY(), 0, waist);
        details.belt(cut.half(waist) + 1.2, waist - 1, 7, kind.equals("jumpsuit"));
    }

    /** A bib held by straps, above legs or a skirt. */
    private void bibbed(Sheet sheet, Wearing wearing, double hem) {
        Form form = wearing.form();
        double waist = form.waist();
        double bib = form.armpit() + 2;
        sheet.pair(
                Outline.polygon(17, bib + 3, 23, bib + 3, 24, form.shoulder(22) - 2, 18, form.shoulder(18) - 2),
                fabric);
        Details details = new Details(sheet, fabric);
        if (LEGGED.contains(kind)) {
            LegCut legs = legs(wearing, waist, hem);
            new Legs(piece, legs, fabric).draw(sheet);
            sheet.shape(
                    Outline.at(0, bib)
                            .to(24, bib)
                            .curve(25, waist - 14, legs.waistHalf() + 0.5, waist + 2)
                            .to(legs.waistHalf(), waist + 8)
                            .to(0, waist + 10)
                            .whole(),
                    fabric);
            details.patchPocket(0, bib + 12, 24, 22);
            details.stitch(-21, bib + 3, 21, bib + 3);
        } else {
            SkirtCut skirt = new SkirtCut(piece.shape() == null ? Shape.A_LINE : piece.shape(), form, waist, hem);
            LowerGarment.skirt(sheet, skirt, fabric);
            double half = skirt.half(waist);
            sheet.shape(
                    Outline.at(0, bib)
                            .to(25, bib)
                            .curve(26, waist - 14, half + 0.5, waist + 1)
                            .to(half, waist + 7)
                            .to(0, waist + 8)
                            .whole(),
                    fabric);
            details.patchPockets(skirt.half(form.hip()) * 0.52, form.hip() - 8, 17, 19);
            details.stitch(-22, bib + 3, 22, bib + 3);
        }
        double y = bib + 4;
        sheet.shape(Outline.circle(20, y, 2.4), Paint.flat(fabric.metal()), fabric.outline());
        sheet.shape(Outline.circle(-20, y, 2.4), Paint.flat(fabric.metal()), fabric.outline());
    }

    private void swimsuit(Sheet sheet, Wearing wearing) {
        UpperCut cut = new UpperCut(piece, wearing, null);
        new Body(cut, fabric, Body.Edge.HIGH_LEG, null).draw(sheet);
        double y = wearing.form().armpit() + 14;
        sheet.line(
                Outline.at(-30, y + 2).curve(-14, y + 9, 0, y + 2).curve(14, y + 9, 30, y + 2),
                fabric.line(),
                Weight.SEAM);
        sheet.lines(
                Outline.at(14, y + 6)
                        .curve(
                                11,
                                wearing.form().y(Landmark.NATURAL_WAIST),
                                14,
                                wearing.form().hip()),
                fabric.line(),
                Weight.FINE);
    }
}
