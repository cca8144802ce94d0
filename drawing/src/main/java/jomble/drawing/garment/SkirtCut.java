package jomble.drawing.garment;

import jomble.core.piece.Hem;
import jomble.core.piece.Piece;
import jomble.core.piece.Rise;
import jomble.core.piece.Shape;
import jomble.core.proportion.Landmark;
import jomble.drawing.ink.Outline;

/** The measures of a skirt, or of what hangs below the waist of a dress. */
final class SkirtCut {
    private static final double EASE = 2.5;

    final Form form;
    final Shape shape;
    final double topY;
    final double hemY;

    /** @param topY where it begins: the waistband of a skirt, the waist of a dress */
    SkirtCut(Shape shape, Form form, double topY, double hemY) {
        this.shape = shape;
        this.form = form;
        this.topY = topY;
        this.hemY = Math.max(hemY, topY + 20);
    }

    static SkirtCut of(Piece piece, Form form) {
        Rise rise = piece.rise() == null ? Rise.MID : piece.rise();
        Hem hem = piece.hem() == null ? Hem.KNEE : piece.hem();
        return new SkirtCut(
                piece.shape() == null ? Shape.STRAIGHT : piece.shape(),
                form,
                form.y(rise.landmark()),
                form.y(hem.landmark()));
    }

    /** Half the width at a height. */
    double half(double y) {
        double hip = Form.HIP_HALF + EASE;
        double below = Math.max(0, y - form.hip());
        double body = form.half(Math.min(y, form.hip())) + EASE * Math.min(1, Math.max(0, (y - topY) / 30));
        double fromTop = y - topY;
        return switch (shape) {
            case PENCIL, SKINNY -> body - Math.min(8, below * 0.075);
            case STRAIGHT, SLIM, TAPERED -> body + below * 0.01;
            case BIAS -> body + 1 + Math.pow(below / 100, 1.3) * 16;
            case WRAP, BOOT_CUT -> body + 1 + below * 0.1;
            case A_LINE -> Math.max(body, form.half(topY) + 1 + fromTop * 0.2 * lengthDamping());
            case TRUMPET -> {
                double knee = form.knee() - 26;
                yield y < knee ? body - Math.min(5, below * 0.05) : hip - 5 + Math.pow((y - knee) / 100, 1.25) * 38;
            }
            case PLEATED, FLARED -> form.half(topY) + 2 + fromTop * 0.31 * lengthDamping();
            case FULL, WIDE -> form.half(topY) + 2 + Math.pow(fromTop, 0.82) * 0.98 * lengthDamping();
        };
    }

    /** A long skirt runs out less for its length, or it would not hang. */
    private double lengthDamping() {
        return 1 - 0.32 * Math.min(1, Math.max(0, (hemY - form.knee()) / 100));
    }

    /** The right side from where the pen is down to the hem. */
    void side(Outline outline) {
        double length = hemY - Math.max(outline.y(), topY);
        double from = outline.y();
        if (length < 50) {
            outline.through(half(from + length * 0.5), from + length * 0.5, half(hemY), hemY);
        } else {
            double hip = Math.max(from + 12, Math.min(form.hip(), hemY - 12));
            double low = hip + (hemY - hip) * 0.55;
            outline.through(half(hip), hip, half(low), low, half(hemY), hemY);
        }
    }

    boolean hasFolds() {
        return shape == Shape.PLEATED || shape == Shape.FULL || shape == Shape.WIDE || shape == Shape.FLARED;
    }

    /** The hem from the right side to the centre front: even, waved by folds, or stepped by pleats. */
    void hem(Outline outline) {
        double half = half(hemY);
        if (shape == Shape.PLEATED) {
            int pleats = 5;
            for (int i = pleats; i > 0; i--) {
                double from = half * i / (pleats + 0.5);
                double to = half * (i - 1) / (pleats + 0.5);
                outline.to(from - (from - to) * 0.3, hemY + 3).to(to + (from - to) * 0.35, hemY + (i > 1 ? 0.5 : 2));
            }
            outline.to(0, hemY + 2);
        } else if (hasFolds() || shape == Shape.TRUMPET) {
            outline.cubic(half * 0.86, hemY + 7, half * 0.74, hemY + 6, half * 0.6, hemY + 2.5)
                    .cubic(half * 0.46, hemY - 1, half * 0.4, hemY + 6, half * 0.24, hemY + 6)
                    .curve(half * 0.1, hemY + 6, 0, hemY + 3);
        } else {
            outline.curve(
                    half * 0.5, hemY + (shape == Shape.PENCIL ? 1.5 : 4), 0, hemY + (shape == Shape.PENCIL ? 1.5 : 4));
        }
    }

    double waist() {
        return form.y(Landmark.NATURAL_WAIST);
    }
}
