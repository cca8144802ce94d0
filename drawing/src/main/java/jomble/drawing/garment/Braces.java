package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;

/** Braces: two straps with clips, laid out as a flat, over the shoulders on the figure. */
final class Braces implements Garment {
    private static final double WIDTH = 9;
    private static final double CLIP = 12;

    private final Fabric fabric;

    Braces(Piece piece) {
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        strap(sheet, 4, -60, 26, 40);
        strap(sheet, -4, -60, -26, 40);
        sheet.shape(Outline.at(-9, -66).to(9, -66).to(7, -54).to(-7, -54).close(), fabric.inside(), fabric.outline());
    }

    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        double waist = Double.isNaN(wearing.waistband()) ? wearing.form().waist() - 3 : wearing.waistband();
        double shoulder = wearing.form().armpit() - 26;
        strap(sheet, 22, shoulder, 17, waist - CLIP);
        strap(sheet, -22, shoulder, -17, waist - CLIP);
    }

    private void strap(Sheet sheet, double fromX, double fromY, double toX, double toY) {
        double half = WIDTH / 2;
        sheet.shape(
                Outline.at(fromX - half, fromY)
                        .to(fromX + half, fromY)
                        .to(toX + half, toY)
                        .to(toX - half, toY)
                        .close(),
                fabric);
        sheet.shape(
                Outline.at(toX - half, toY)
                        .to(toX + half, toY)
                        .to(toX + half - 2, toY + CLIP)
                        .to(toX - half + 2, toY + CLIP)
                        .close(),
                fabric.inside(),
                fabric.outline());
    }
}
