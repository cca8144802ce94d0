package jomble.drawing.garment;

import jomble.core.piece.Breasted;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.core.piece.Surface;

/** How an upper garment closes in front, where it is worn closed. */
final class FrontClosing {
    private final Piece piece;
    private final String kind;
    private final UpperCut cut;
    private final Details details;

    FrontClosing(Piece piece, UpperCut cut, Details details) {
        this.piece = piece;
        this.kind = piece.kind().origin().id();
        this.cut = cut;
        this.details = details;
    }

    /** Buttons or a zip down the closed front. */
    void draw() {
        double from = cut.frontY() + (cut.hasLapels() ? 4 : 6);
        double to = cut.hemY - 8;
        boolean knit = piece.cloth().surface() == Surface.KNIT;
        switch (piece.opening()) {
            case BUTTONS -> {
                if (kind.equals("leather-jacket") || kind.equals("fitted-blouse")) {
                    return;
                }
                if (piece.construction().breasted() == Breasted.DOUBLE) {
                    doubleBreasted(from);
                } else if (cut.hasLapels()) {
                    single(from);
                } else {
                    placket(from, to, knit);
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

    private void single(double from) {
        details.seam(2.5, from - 3, 2.5, cut.hemY + 2);
        int count = piece.kind().family() == Family.COAT
                ? 3
                : kind.equals("dinner-jacket") ? 1 : kind.equals("waistcoat") ? 5 : 2;
        double gap = piece.kind().family() == Family.COAT ? 24 : kind.equals("waistcoat") ? 11 : 15;
        details.buttons(0, from + 1, from + 1 + gap * (count - 1), count, 1.9);
    }

    private void doubleBreasted(double from) {
        boolean coat = piece.kind().family() == Family.COAT;
        details.seam(9, from - 12, 12, from + 2, 12, cut.hemY + 2);
        int rows = coat ? 4 : 3;
        double gap = coat ? 19 : 14;
        for (double x : new double[] {-9, 9}) {
            details.buttons(x, from - (coat ? 2 : 6), from - (coat ? 2 : 6) + gap * (rows - 1), rows, coat ? 2.2 : 1.9);
        }
    }

    private void placket(double from, double to, boolean knit) {
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
}
