package jomble.drawing.garment;

import jomble.core.piece.Breasted;
import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Opening;
import jomble.core.piece.Piece;
import jomble.core.piece.Pockets;
import jomble.core.piece.Shape;
import jomble.core.piece.Surface;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

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
            closing(cut, details);
        }
        own(sheet, cut, details);
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

    /** Buttons or a zip down the closed front. */
    private void closing(UpperCut cut, Details details) {
        double from = cut.frontY() + (cut.hasLapels() ? 4 : 6);
        double to = cut.hemY - 8;
        boolean knit = piece.cloth().surface() == Surface.KNIT;
        switch (piece.opening()) {
            case BUTTONS -> {
                if (kind.equals("leather-jacket") || kind.equals("fitted-blouse")) {
                    return;
                }
                if (piece.construction().breasted() == Breasted.DOUBLE) {
                    doubleBreasted(cut, details, from);
                } else if (cut.hasLapels()) {
                    single(cut, details, from);
                } else {
                    placket(cut, details, from, to, knit);
                }
            }
            case ZIP -> {
                if (!kind.equals("leather-jacket")) {
                    details.zip(0, cut.frontY() - (cut.neckDepth < 6 ? 2 : 0), 0, cut.hemY + 2.5);
                }
            }
            case WRAP, TIE -> {
                double waist = cut.form.waist();
                details.seam(cut.neckHalf * 0.9, cut.neckY() + 4, -cut.half(waist) * 0.7, Math.min(waist, cut.hemY));
            }
            default -> {}
        }
    }

    private void single(UpperCut cut, Details details, double from) {
        details.seam(2.5, from - 3, 2.5, cut.hemY + 2);
        int count = piece.kind().family() == Family.COAT
                ? 3
                : kind.equals("dinner-jacket") ? 1 : kind.equals("waistcoat") ? 5 : 2;
        double gap = piece.kind().family() == Family.COAT ? 24 : kind.equals("waistcoat") ? 11 : 15;
        details.buttons(0, from + 1, from + 1 + gap * (count - 1), count, 1.9);
    }

    private void doubleBreasted(UpperCut cut, Details details, double from) {
        boolean coat = piece.kind().family() == Family.COAT;
        details.seam(9, from - 12, 12, from + 2, 12, cut.hemY + 2);
        int rows = coat ? 4 : 3;
        double gap = coat ? 19 : 14;
        for (double x : new double[] {-9, 9}) {
            details.buttons(x, from - (coat ? 2 : 6), from - (coat ? 2 : 6) + gap * (rows - 1), rows, coat ? 2.2 : 1.9);
        }
    }

    private void placket(UpperCut cut, Details details, double from, double to, boolean knit) {
        double half = knit ? 4 : 3.4;
        details.seam(half, cut.frontY(), half, cut.hemY + 3);
        if (knit) {
            details.seam(-half, cut.frontY() + 2, -half, cut.hemY + 3);
        } else {
            details.stitch(-half, cut.frontY() + 2, -half, cut.hemY + 8);
        }
        int count = (int) Math.max(3, Math.min(7, Math.round((to - from) / 19)));
        details.buttons(
                0, from + (knit ? 2 : 0), to - 4, count, knit || piece.kind().family() == Family.COAT ? 2 : 1.4);
    }

    /** What makes each kind that kind. */
    private void own(Sheet sheet, UpperCut cut, Details details) {
        double waist = cut.form.waist();
        double hip = cut.form.hip();
        double chestY = cut.form.armpit() + 6;
        switch (kind) {
            case "polo-shirt" -> {
                sheet.part(Outline.rectangle(-3.6, cut.frontY(), 7.2, 30), fabric);
                details.buttons(0, cut.frontY() + 8, cut.frontY() + 24, 3, 1.3);
            }
            case "shirt" -> details.patchPocket(18, chestY + 2, 17, 19);
            case "overshirt" -> details.flappedPatchPockets(19, chestY, 19, 21);
            case "thermal-top" ->
                details.stitches(
                        cut.shoulderX - 2,
                        cut.shoulderY() + 2,
                        cut.neckHalf + 10,
                        cut.armpitY() + 4,
                        cut.chest() - 3,
                        cut.armpitY() + 12);
            case "camisole" -> lace(sheet, cut, cut.bustY() + 6);
            case "slip" -> lace(sheet, cut, cut.hemY - 6);
            case "tunic" -> {
                details.stitch(0, cut.frontY(), 0, cut.frontY() + 18);
                details.stitches(
                        cut.half(cut.hemY) - 1,
                        cut.hemY - 26,
                        cut.half(cut.hemY) - 5,
                        cut.hemY - 26,
                        cut.half(cut.hemY) - 5,
                        cut.hemY);
            }
            case "crop-top" -> details.seams(-cut.half(cut.hemY - 5), cut.hemY - 5, 0, cut.hemY - 3);
            case "fitted-blouse" -> {
                details.seams(22, cut.armpitY() - 6, 15, cut.form.armpit() + 18, 13, cut.hemY);
                details.buttons(0, cut.frontY() + 6, cut.hemY - 6, 5, 1.1);
                details.seam(1.5, cut.frontY(), 1.5, cut.hemY);
            }
            case "blouse" -> {
                if (cut.hasShoulders() && cut.neckHalf < 20) {
                    details.seams(26, cut.form.shoulder(26), 22, cut.form.shoulder(26) + 15);
                }
            }
            case "cardigan" -> details.jettedPockets(22, Math.min(hip - 24, cut.hemY - 24), 17, 0);
            case "waistcoat" -> {
                details.jettedPockets(20, waist + 4, 15, -2.5);
                details.jettedPockets(19, chestY + 14, 12, -2);
            }
            case "hooded-top" -> {
                details.drawstring(4.5, cut.frontY() + 4, cut.frontY() + 34);
                details.seams(0, waist + 14, 19, waist + 14, 28, waist + 36, 28, cut.hemY - 9);
            }
            case "kimono-jacket", "duster" -> {
                if (!cut.isOpen()) {
                    details.seams(5, cut.frontY(), 5, cut.hemY);
                }
            }
            case "padded-sleeveless-jacket", "down-coat" -> quilting(sheet, cut, kind.equals("down-coat") ? 17 : 14);
            case "blazer" -> {
                details.breastWelt(20, chestY + 4);
                pockets(cut, details, waist + 22);
                darts(cut, details, waist);
            }
            case "suit-jacket" -> {
                details.breastWelt(20, chestY + 4);
                pockets(cut, details, waist + 22);
                darts(cut, details, waist);
                details.seam(2.5, cut.hemY - 26, 6, cut.hemY - 8, 15, cut.hemY + 2);
            }
            case "dinner-jacket" -> {
                details.breastWelt(20, chestY + 4);
                pockets(cut, details, waist + 24);
            }
            case "denim-jacket" -> {
                details.stitches(0, chestY + 2, cut.chest() - 1, chestY - 1);
                details.flappedPatchPockets(17, chestY + 4, 17, 17);
                details.seams(10, chestY + 22, 8, cut.hemY - 9);
                details.seams(25, chestY + 22, 19, cut.hemY - 9);
                details.seams(0, cut.hemY - 9, cut.half(cut.hemY - 9), cut.hemY - 10);
            }
            case "leather-jacket" -> biker(sheet, cut, details);
            case "knitted-jacket" -> {
                details.patchPockets(21, waist + 12, 19, 19);
                details.patchPockets(20, chestY + 4, 15, 14);
                details.seams(3.5, cut.frontY(), 3.5, cut.hemY);
            }
            case "casual-jacket" -> {
                details.flappedPatchPockets(19, chestY + 3, 17, 18);
                details.patchPockets(22, waist + 10, 22, 22);
            }
            case "trench-coat" -> trench(sheet, cut, details);
            case "wool-coat" -> {
                pockets(cut, details, hip - 4);
                details.breastWelt(22, chestY + 6);
            }
            case "car-coat" -> pockets(cut, details, hip - 6);
            case "parka" -> {
                details.patchPockets(27, hip - 10, 24, 26);
                details.flapPockets(27, hip - 12, 26);
                details.stitches(0, waist + 4, cut.half(waist) - 1, waist + 2);
                details.drawstring(3.5, waist + 3, waist + 24);
            }
            case "raincoat" -> {
                details.seam(5, cut.frontY() + 4, 5, cut.hemY + 2);
                details.buttons(2.4, cut.frontY() + 16, cut.hemY - 14, 5, 1.3);
                details.flapPockets(27, hip - 12, 22);
                details.seams(0, chestY + 8, cut.chest() - 1, chestY + 6);
            }
            case "poncho" -> fringe(sheet, cut);
            default -> {}
        }
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

    private void pockets(UpperCut cut, Details details, double y) {
        Pockets pockets = piece.construction().pockets() == null
                ? Pockets.NONE
                : piece.construction().pockets();
        double x = cut.half(y) * 0.54;
        switch (pockets) {
            case PATCH -> details.patchPockets(x, y - 2, 23, 25);
            case FLAP -> details.flapPockets(x, y, 20);
            case JETTED -> details.jettedPockets(x, y, 20, piece.kind().family() == Family.COAT ? 9 : 1);
            case NONE -> {}
        }
    }

    private void darts(UpperCut cut, Details details, double waist) {
        details.seams(cut.half(waist) * 0.52, waist - 28, cut.half(waist) * 0.5, waist + 18);
    }

    private void biker(Sheet sheet, UpperCut cut, Details details) {
        double y = cut.neckY();
        if (!cut.isOpen()) {
            details.zip(13, y + 12, -13, cut.hemY - 6);
            sheet.part(Outline.polygon(2, cut.frontY() + 2, 12, y - 1, 29, y + 22, 20, y + 40, 11, y + 34), fabric);
            sheet.shape(
                    Outline.polygon(-3, cut.frontY() + 2, -12, y - 1, -25, y + 21, -17, y + 36, -8, y + 30), fabric);
        }
        details.zip(24, cut.form.waist() + 6, 15, cut.form.waist() + 20);
        details.zip(-24, cut.form.waist() + 6, -15, cut.form.waist() + 20);
        details.seams(0, cut.hemY - 8, cut.half(cut.hemY - 8), cut.hemY - 9);
        details.stitches(cut.chest() - 1, cut.form.armpit() + 2, 8, cut.form.armpit() + 6);
    }

    private void trench(Sheet sheet, UpperCut cut, Details details) {
        double s = cut.shoulderX;
        sheet.pair(
                Outline.polygon(
                        s - 2,
                        cut.shoulderY() - 1,
                        s - 1,
                        cut.shoulderY() + 4,
                        s - 19,
                        cut.shoulderY() + 0.5,
                        s - 18,
                        cut.shoulderY() - 5),
                fabric);
        if (!cut.isOpen()) {
            sheet.shape(
                    Outline.at(-14, cut.neckY() + 34)
                            .curve(-20, cut.neckY() + 44, -cut.chest() + 2, cut.neckY() + 54)
                            .to(-cut.chest() + 1, cut.armpitY() - 2)
                            .curve(-34, cut.neckY() + 22, -s + 5, cut.shoulderY() + 5)
                            .to(-20, cut.neckY() + 12)
                            .close(),
                    fabric);
            details.belt(cut.half(cut.form.waist()) + 1, cut.form.waist() - 4, 8, true);
        }
        pockets(cut, details, cut.form.hip() - 4);
    }

    /** Rows of filled channels. */
    private void quilting(Sheet sheet, UpperCut cut, double row) {
        for (double y = cut.neckY() + 18; y < cut.hemY - 5; y += row) {
            double half = y < cut.armpitY() ? cut.shoulderX - 4 : cut.half(y);
            double from = cut.isOpen() ? 16 : 2;
            sheet.lines(Outline.at(from, y + 2).curve(half * 0.5, y + 4.5, half - 0.6, y), fabric.line(), Weight.SEAM);
        }
        if (piece.opening() == Opening.ZIP && !cut.isOpen()) {
            new Details(sheet, fabric).jettedPockets(cut.half(cut.form.hip()) * 0.6, cut.form.waist() + 14, 14, 8);
        }
    }

    private void lace(Sheet sheet, UpperCut cut, double y) {
        double half = cut.half(Math.max(y, cut.armpitY())) - 3;
        Outline scallops = Outline.at(-half, y);
        int count = 8;
        for (int i = 1; i <= count; i++) {
            double x = -half + 2 * half * i / count;
            scallops.curve(x - half / count, y + 6, x, y);
        }
        sheet.line(scallops, fabric.line(), Weight.SEAM);
    }

    private void fringe(Sheet sheet, UpperCut cut) {
        double half = cut.half(cut.hemY);
        for (int i = -8; i <= 8; i++) {
            double x = half * i / 8.2;
            sheet.line(
                    Outline.at(x, cut.hemY + 3 - Math.abs(i) * 0.3).to(x, cut.hemY + 11 - Math.abs(i) * 0.3),
                    fabric.outline(),
                    Weight.SEAM);
        }
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
