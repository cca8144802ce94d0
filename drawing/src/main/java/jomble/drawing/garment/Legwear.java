package jomble.drawing.garment;

import jomble.core.piece.Fit;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Socks and tights. */
final class Legwear implements Garment {
    private final Piece piece;
    private final Fabric fabric;

    Legwear(Piece piece) {
        this.piece = piece;
        this.fabric = new Fabric(piece);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        if (piece.kind().origin().id().equals("socks")) {
            sock(sheet, 0, 0);
            sock(sheet, 22, 8);
            return;
        }
        tights(sheet, wearing.form());
    }

    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        if (piece.kind().origin().id().equals("socks")) {
            double top = Form.y(150);
            sheet.pair(
                    Outline.at(12, top)
                            .curve(21, top + 2, 31, top)
                            .to(28, Form.STATURE - 8)
                            .to(15, Form.STATURE - 8)
                            .close(),
                    fabric);
            return;
        }
        tights(sheet, wearing.form());
    }

    private void sock(Sheet sheet, double dx, double dy) {
        Outline sock = Outline.at(0, 0)
                .to(24, 0)
                .to(24, 46)
                .cubic(24, 54, 34, 56, 46, 60)
                .cubic(56, 64, 56, 76, 44, 76)
                .to(16, 76)
                .cubic(2, 76, -2, 66, 1, 52)
                .close();
        sheet.shape(sock.moved(dx, dy), fabric);
        sheet.line(Outline.at(dx, dy + 9).to(dx + 24, dy + 9), fabric.line(), Weight.SEAM);
        for (double x = 4; x < 24; x += 4) {
            sheet.line(Outline.at(dx + x, dy + 1).to(dx + x, dy + 8), fabric.line(), Weight.FINE);
        }
        sheet.line(Outline.at(dx + 2, dy + 56).curve(dx + 12, dy + 56, dx + 15, dy + 74), fabric.line(), Weight.SEAM);
        sheet.line(Outline.at(dx + 42, dy + 59).curve(dx + 38, dy + 68, dx + 42, dy + 76), fabric.line(), Weight.SEAM);
    }

    private void tights(Sheet sheet, Form form) {
        LegCut cut = new LegCut(Shape.SKINNY, Fit.CLOSE, form, form.waist() + 4, Form.STATURE - 14, false);
        sheet.shape(cut.outline(), fabric);
        double y = cut.topY + 6;
        sheet.line(Outline.at(-cut.half(y), y).curve(0, y + 2, cut.half(y), y), fabric.line(), Weight.SEAM);
        sheet.pair(
                Outline.at(13, Form.STATURE - 16)
                        .curve(8, Form.STATURE - 4, 14, Form.STATURE - 2)
                        .curve(24, Form.STATURE + 2, 31, Form.STATURE - 4)
                        .curve(33, Form.STATURE - 8, 28, Form.STATURE - 16)
                        .close(),
                fabric);
    }
}
