package jomble.drawing;

import static jomble.drawing.UpperFlat.path;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.piece.Cloth;
import jomble.core.piece.Hem;
import jomble.core.piece.Piece;
import jomble.core.piece.Shape;

/** Trousers, shorts and skirts. */
final class LowerFlat {
    private static final double CENTRE = Flat.WIDTH / 2;
    private static final Set<Shape> SKIRT_ONLY =
            EnumSet.of(Shape.PENCIL, Shape.A_LINE, Shape.PLEATED, Shape.WRAP, Shape.BIAS, Shape.TRUMPET, Shape.FULL);

    private final Piece piece;
    private final Fabric fabric;
    private final Shape shape;

    LowerFlat(Piece piece) {
        this.piece = piece;
        this.fabric = new Fabric(piece);
        this.shape = piece.shape() == null ? Shape.STRAIGHT : piece.shape();
    }

    private boolean isSkirt() {
        return piece.kind().origin().id().contains("skirt") || SKIRT_ONLY.contains(shape);
    }

    /** @param top where the waistband begins */
    void draw(Svg svg, double top) {
        String fill = fabric.fill(svg);
        if (isSkirt()) {
            skirt(svg, fill, top);
        } else {
            trousers(svg, fill, top);
        }
        double waist = 15;
        svg.seam(path("M%s %sL%s %s", CENTRE - waist, top + 5, CENTRE + waist, top + 5), fabric.line(), false);
    }

    private double hemY(double top) {
        Hem hem = piece.hem() == null ? Hem.FULL_LENGTH : piece.hem();
        return Math.min(115, top + (630 - hem.landmark().meanPermille()) * 0.166);
    }

    private void trousers(Svg svg, String fill, double top) {
        double end = hemY(top);
        double hip = 19 + (piece.fit().volume() - 2);
        double crotch = top + 31;
        double leg = switch (shape) {
            case SKINNY -> 6;
            case SLIM -> 8;
            case TAPERED -> 8.5;
            case BOOT_CUT -> 13;
            case FLARED -> 18;
            case WIDE -> 20;
            default -> 11;
        };
        double knee = shape == Shape.FLARED || shape == Shape.BOOT_CUT ? 9 : (leg + 12) / 2;
        double middle = (crotch + end) / 2;
        svg.shape(
                path(
                                "M%s %sL%s %sQ%s %s %s %sL%s %sL%s %sL%s %sL%s %sL%s %sL%s %sL%s %sL%s %sL%s %sQ%s %s %s %sZ",
                                CENTRE - 15,
                                top,
                                CENTRE + 15,
                                top,
                                CENTRE + hip + 1,
                                top + 14,
                                CENTRE + hip,
                                crotch - 4,
                                CENTRE + 9.5 + knee / 2 + 2,
                                middle,
                                CENTRE + 10 + leg / 2 + 2,
                                end,
                                CENTRE + 10 - leg / 2 + 1,
                                end,
                                CENTRE + 9 - knee / 2,
                                middle,
                                CENTRE + 0.5,
                                crotch,
                                CENTRE - 0.5,
                                crotch,
                                CENTRE - 9 + knee / 2,
                                middle,
                                CENTRE - 10 + leg / 2 - 1,
                                end,
                                CENTRE - 10 - leg / 2 - 2,
                                end,
                                // back up the left side
                                CENTRE - 9.5 - knee / 2 - 2,
                                middle,
                                CENTRE - hip,
                                crotch - 4)
                        .replace("Z", path("Q%s %s %s %sZ", CENTRE - hip - 1, top + 14, CENTRE - 15, top)),
                fill,
                fabric.outline());
        svg.seam(path("M%s %sL%s %s", CENTRE, top, CENTRE, crotch), fabric.line(), false);
        boolean denim = piece.cloth() == Cloth.DENIM || piece.cloth() == Cloth.CANVAS;
        svg.seam(
                path(
                        "M%s %sQ%s %s %s %sM%s %sQ%s %s %s %s",
                        CENTRE - 16,
                        top + 12,
                        CENTRE - 9,
                        top + 11,
                        CENTRE - 8,
                        top + 6,
                        CENTRE + 16,
                        top + 12,
                        CENTRE + 9,
                        top + 11,
                        CENTRE + 8,
                        top + 6),
                fabric.line(),
                denim);
        if (denim) {
            svg.seam(
                    path(
                            "M%s %sL%s %sM%s %sL%s %s",
                            CENTRE - 10 - leg / 2,
                            end - 3,
                            CENTRE - 10 + leg / 2 - 1,
                            end - 3,
                            CENTRE + 10 - leg / 2 + 1,
                            end - 3,
                            CENTRE + 10 + leg / 2,
                            end - 3),
                    fabric.line(),
                    true);
        } else if (end > 90) {
            svg.seam(
                    path(
                            "M%s %sL%s %sM%s %sL%s %s",
                            CENTRE - 8, top + 14, CENTRE - 10.5, end - 2, CENTRE + 8, top + 14, CENTRE + 10.5, end - 2),
                    fabric.line(),
                    false);
        }
    }

    private void skirt(Svg svg, String fill, double top) {
        double end = hemY(top);
        double flare = switch (shape) {
            case PENCIL, STRAIGHT, SLIM -> 17;
            case A_LINE, WRAP, BIAS -> 26;
            case TRUMPET -> 25;
            case PLEATED -> 31;
            default -> 36;
        };
        double reach = Math.min(flare, 17 + (flare - 17) * (end - top) / 60);
        svg.shape(
                path(
                        "M%s %sL%s %sQ%s %s %s %sQ%s %s %s %sQ%s %s %s %sZ",
                        CENTRE - 15,
                        top,
                        CENTRE + 15,
                        top,
                        CENTRE + 21,
                        top + 16,
                        CENTRE + reach,
                        end,
                        CENTRE,
                        end + 4,
                        CENTRE - reach,
                        end,
                        CENTRE - 21,
                        top + 16,
                        CENTRE - 15,
                        top),
                fill,
                fabric.outline());
        if (shape == Shape.PLEATED || shape == Shape.FULL) {
            int folds = shape == Shape.PLEATED ? 4 : 2;
            for (int i = -folds; i <= folds; i++) {
                double x = (double) i / (folds + 1);
                svg.seam(
                        path("M%s %sL%s %s", CENTRE + x * 15, top + 6, CENTRE + x * reach, end + 1.5),
                        fabric.line(),
                        false);
            }
        } else if (shape == Shape.WRAP) {
            svg.seam(path("M%s %sL%s %s", CENTRE + 10, top + 5, CENTRE + 2, end + 2), fabric.line(), false);
        } else if (shape == Shape.PENCIL) {
            svg.seam(
                    path(
                            "M%s %sL%s %sM%s %sL%s %s",
                            CENTRE - 8, top + 5, CENTRE - 9, top + 15, CENTRE + 8, top + 5, CENTRE + 9, top + 15),
                    fabric.line(),
                    false);
        }
        svg.seam(
                path("M%s %sQ%s %s %s %s", CENTRE - reach + 1, end - 3, CENTRE, end + 1, CENTRE + reach - 1, end - 3),
                fabric.line(),
                true);
    }
}
