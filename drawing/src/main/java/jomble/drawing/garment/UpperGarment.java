package jomble.drawing.garment;

import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;

/** Base layers, tops, layers, jackets and coats. */
final class UpperGarment implements Garment {
    private final Piece piece;
    private final String kind;
    private final Fabric fabric;

    UpperGarment(Piece piece) {
        this.piece = piece;
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        SkirtCut skirt = skirt(wearing);
        UpperCut cut = new UpperCut(piece, wearing, skirt);
        if (kind.equals("cape")) {
            cape(sheet, cut);
            return;
        }
        if (wearing.is(Finish.OVER_SHOULDERS)) {
            overShoulders(sheet, cut);
            return;
        }
        boolean hooded = kind.equals("parka") || kind.equals("raincoat") || kind.equals("hooded-top");
        Sleeves sleeves = new Sleeves(cut, fabric);
        if (sleeves.areThere()) {
            sleeves.draw(sheet);
        }
        Body body = new Body(cut, fabric, edge(skirt), skirt);
        body.draw(sheet);
        body.hem(sheet);
        Details details = new Details(sheet, fabric);
        if (!cut.isOpen()) {
            new FrontClosing(piece, cut, details).draw();
        }
        UpperDetails.draw(new UpperFront(piece, sheet, cut, details, fabric));
        if (hooded) {
            Necks.hood(sheet, cut, fabric, kind.equals("parka"));
        } else {
            new Necks(cut, fabric).draw(sheet);
        }
        if (wearing.belted() && !kind.equals("trench-coat")) {
            details.belt(cut.half(cut.form.waist()) + 0.5, cut.form.waist() - 4, 7, false);
        }
    }

    /** Slips hang as skirts do, and capes and dusters run out. */
    private SkirtCut skirt(Wearing wearing) {
        Form form = wearing.form();
        if (kind.equals("slip")) {
            return new SkirtCut(
                    Shape.BIAS, form, form.waist(), form.y(piece.hem().landmark()));
        }
        if (kind.equals("trench-coat")) {
            return new SkirtCut(
                    Shape.A_LINE, form, form.waist() - 22, form.y(piece.hem().landmark()));
        }
        return null;
    }

    private Body.Edge edge(SkirtCut skirt) {
        if (skirt != null) {
            return Body.Edge.SKIRT;
        }
        return switch (kind) {
            case "shirt", "overshirt" -> Body.Edge.TAILS;
            case "waistcoat" -> Body.Edge.POINTS;
            case "sleeveless-bodysuit", "sleeved-bodysuit" -> Body.Edge.HIGH_LEG;
            default -> Body.Edge.EVEN;
        };
    }

    /** One wide piece from the neck to the hem, with slits for the arms. */
    private void cape(Sheet sheet, UpperCut cut) {
        double hem = cut.hemY;
        double y = cut.neckY();
        sheet.shape(
                Outline.at(0, y + 4)
                        .curve(8, y + 4, 12, y)
                        .cubic(34, y + 6, 50, y + 22, 58, cut.form.armpit() + 20)
                        .curve(72, cut.form.hip() - 20, 80, hem - 8)
                        .curve(40, hem + 8, 0, hem + 6)
                        .whole(),
                fabric);
        Details details = new Details(sheet, fabric);
        for (double x : new double[] {38, 41}) {
            details.seams(x - 6, cut.form.armpit() + 18, x, cut.form.hip() - 4);
        }
        details.seam(3, y + 12, 3, hem + 6);
        details.buttons(0, y + 18, cut.form.waist() + 10, 4, 2.2);
        new Necks(cut, fabric).draw(sheet);
    }

    /** Laid over the shoulders with the sleeves knotted in front. */
    private void overShoulders(Sheet sheet, UpperCut cut) {
        double y = cut.shoulderY();
        sheet.shape(
                Outline.at(0, y - 4)
                        .curve(20, y - 12, 38, y - 2)
                        .curve(44, y + 14, 40, y + 34)
                        .curve(20, y + 12, 0, y + 16)
                        .whole(),
                fabric);
        sheet.pair(
                Outline.at(0, y + 20)
                        .curve(12, y + 44, 10, y + 78)
                        .to(20, y + 77)
                        .curve(22, y + 44, 8, y + 16)
                        .close(),
                fabric);
        sheet.shape(Outline.ellipse(0, y + 19, 8, 6), fabric);
    }
}
