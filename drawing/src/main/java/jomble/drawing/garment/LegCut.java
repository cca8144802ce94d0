package jomble.drawing.garment;

import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Hem;
import jomble.core.piece.Piece;
import jomble.core.piece.Rise;
import jomble.core.piece.Shape;
import jomble.drawing.ink.Outline;

/** The measures of a pair of legs: trousers, shorts, or the lower half of a jumpsuit. */
final class LegCut {
    private static final double CUFF = 12;

    final Form form;
    final Shape shape;
    final double topY;
    final double hemY;
    final boolean cuffed;
    private final double hipEase;

    LegCut(Shape shape, Fit fit, Form form, double topY, double hemY, boolean cuffed) {
        this.shape = shape;
        this.form = form;
        this.topY = topY;
        this.cuffed = cuffed;
        this.hemY = Math.min(hemY, Form.STATURE - 8) - (cuffed ? CUFF : 0);
        this.hipEase = switch (fit) {
            case CLOSE -> 0.5;
            case REGULAR -> 2.5;
            case RELAXED -> 5;
            case OVERSIZED -> 9;
        };
    }

    static LegCut of(Piece piece, Wearing wearing) {
        Rise rise = piece.rise() == null ? Rise.MID : piece.rise();
        Hem hem = piece.hem() == null ? Hem.FULL_LENGTH : piece.hem();
        return new LegCut(
                piece.shape() == null ? Shape.STRAIGHT : piece.shape(),
                piece.fit() == null ? Fit.REGULAR : piece.fit(),
                wearing.form(),
                wearing.form().y(rise.landmark()),
                wearing.form().y(hem.landmark()),
                wearing.is(Finish.CUFFED_HEM));
    }

    double waistHalf() {
        return form.half(topY) + 1.5;
    }

    double crotchY() {
        return Math.min(form.crotch() + hipEase * 0.6, hemY - 8);
    }

    /** Half the width of both legs together at a height. */
    double half(double y) {
        return legCentre(y) + legHalf(y);
    }

    double legCentre(double y) {
        return Between.at(y, form.hip(), 19.5, form.knee(), 20, Form.STATURE, 21 + (shape == Shape.WIDE ? 2 : 0));
    }

    double legHalf(double y) {
        double thigh = 20 + hipEase * 0.8;
        double knee;
        double end;
        switch (shape) {
            case SKINNY -> {
                knee = 11.5;
                end = 8.5;
            }
            case SLIM, PENCIL -> {
                knee = 13.5;
                end = 11;
            }
            case TAPERED -> {
                knee = 17;
                end = 10.5;
            }
            case BOOT_CUT -> {
                knee = 13.5;
                end = 16.5;
            }
            case FLARED -> {
                knee = 13.5;
                end = 25;
            }
            case WIDE, FULL, PLEATED -> {
                knee = 24;
                end = 28;
            }
            default -> {
                knee = 16;
                end = 15;
            }
        }
        double thighEnd = shape == Shape.WIDE ? thigh + 3 : thigh;
        if (y <= form.hip()) {
            return Between.at(y, topY, waistHalf() - 19.5, form.hip(), Form.HIP_HALF + hipEase - 19.5);
        }
        return Between.at(
                y,
                form.hip(),
                Form.HIP_HALF + hipEase - 19.5,
                form.crotch(),
                thighEnd,
                form.knee(),
                knee + hipEase * 0.3,
                380,
                end + hipEase * 0.2);
    }

    /** The whole pair as one outline. */
    Outline outline() {
        double knee = form.knee();
        double crotch = crotchY();
        Outline right = Outline.at(0, topY + 1.5).curve(waistHalf() * 0.6, topY + 1.5, waistHalf(), topY);
        double out = half(hemY);
        double in = Math.max(1.2, legCentre(hemY) - legHalf(hemY));
        if (hemY > knee + 15) {
            right.through(half(form.hip()), form.hip(), half(knee), knee, out, hemY);
        } else if (hemY > form.hip() + 30) {
            right.through(half(form.hip()), form.hip(), out, hemY);
        } else {
            right.curve(half((topY + hemY) / 2) + 1, (topY + hemY) / 2, out, hemY);
        }
        right.curve((out + in) / 2, hemY + 3, in, hemY + 0.5);
        if (hemY > knee + 15) {
            double inKnee = Math.max(1, legCentre(knee) - legHalf(knee));
            right.through(inKnee, knee, 0, crotch);
        } else {
            right.to(0, crotch);
        }
        return right.whole();
    }
}
