package jomble.drawing;

import java.util.Locale;
import jomble.core.piece.Attribute;
import jomble.core.piece.Breasted;
import jomble.core.piece.Construction;
import jomble.core.piece.Family;
import jomble.core.piece.Hem;
import jomble.core.piece.Lapel;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.Pockets;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Surface;

/** Tops, layers, jackets and coats. */
final class UpperFlat {
    private static final double CENTRE = Flat.WIDTH / 2;
    private static final double SHOULDER_Y = 22;
    private static final double[] HALF_WIDTHS = {16, 19, 22.5, 26};

    private final Piece piece;
    private final Fabric fabric;
    private final double half;
    private final double hemY;

    UpperFlat(Piece piece) {
        this.piece = piece;
        this.fabric = new Fabric(piece);
        this.half = HALF_WIDTHS[piece.fit().volume() - 1];
        this.hemY = hemY(piece.hem() == null ? Hem.HIP : piece.hem());
    }

    /** Heights of the drawing follow the figure's: a tenth of stature is 13 units. */
    private static double hemY(Hem hem) {
        return Math.min(115, SHOULDER_Y + (820 - hem.landmark().meanPermille()) * 0.165 + 4);
    }

    void draw(Svg svg) {
        String fill = fabric.fill(svg);
        String outline = fabric.outline();
        if (!sleeve().isSleeveless()) {
            svg.shape(sleevePath(-1), fill, outline);
            svg.shape(sleevePath(1), fill, outline);
            cuffs(svg);
        }
        svg.shape(bodyPath(), fill, outline);
        neck(svg, fill, outline);
        front(svg);
        finish(svg);
    }

    private Sleeve sleeve() {
        return piece.sleeve() == null ? Sleeve.NONE : piece.sleeve();
    }

    private double shoulder() {
        return sleeve() == Sleeve.STRAPS ? half * 0.62 : sleeve() == Sleeve.NONE ? half * 0.86 : half;
    }

    private double neckHalf() {
        Neckline neck = piece.neckline();
        if (neck == null) {
            return 7;
        }
        return switch (neck) {
            case BOAT, SQUARE, OFF_SHOULDER, STRAPLESS -> 12;
            case SCOOP, SWEETHEART, COWL -> 10;
            default -> 7.5;
        };
    }

    private double neckDepth() {
        Neckline neck = piece.neckline();
        if (neck == null) {
            return 4;
        }
        if (piece.construction().lapel() != Lapel.NONE && piece.construction().lapel() != null) {
            return 26;
        }
        return switch (neck) {
            case V, COWL -> 17;
            case SCOOP, SQUARE, SWEETHEART, STRAPLESS -> 12;
            case BOAT -> 3;
            case POINT_COLLAR, BOW -> 6;
            default -> 4;
        };
    }

    private String bodyPath() {
        double n = neckHalf();
        double s = shoulder();
        double drop = sleeve().isSleeveless() ? 1 : 5;
        double waist = half - (piece.fit().volume() == 1 ? 2.5 : piece.fit().volume() == 2 ? 1 : -1);
        double hem = half + (hemY > 96 ? 4 : 0.5);
        double armY = 42;
        double waistY = Math.min(64, hemY - 4);
        return path(
                        "M%s %sL%s %sQ%s %s %s %sL%s %sL%s %sQ%s %s %s %sL%s %sL%s %sQ%s %s %s %sL%s %s",
                        CENTRE - n,
                        SHOULDER_Y - 4,
                        CENTRE - s,
                        SHOULDER_Y + drop,
                        CENTRE - s + 2,
                        armY - 6,
                        CENTRE - half + 0.5,
                        armY,
                        CENTRE - waist,
                        waistY,
                        CENTRE - hem,
                        hemY,
                        CENTRE,
                        hemY + 2,
                        CENTRE + hem,
                        hemY,
                        CENTRE + waist,
                        waistY,
                        CENTRE + half - 0.5,
                        armY,
                        CENTRE + s - 2,
                        armY - 6,
                        CENTRE + s,
                        SHOULDER_Y + drop,
                        CENTRE + n,
                        SHOULDER_Y - 4)
                + neckCurve() + "Z";
    }

    private String neckCurve() {
        double n = neckHalf();
        double bottom = SHOULDER_Y - 4 + neckDepth();
        boolean pointed = piece.neckline() == Neckline.V || neckDepth() > 20;
        if (pointed) {
            return path("L%s %sL%s %s", CENTRE, bottom, CENTRE - n, SHOULDER_Y - 4);
        }
        if (piece.neckline() == Neckline.SQUARE) {
            return path("L%s %sL%s %sL%s %s", CENTRE + n, bottom, CENTRE - n, bottom, CENTRE - n, SHOULDER_Y - 4);
        }
        return path("Q%s %s %s %s", CENTRE, bottom + neckDepth() * 0.7, CENTRE - n, SHOULDER_Y - 4);
    }

    private String sleevePath(int side) {
        double length = 14 + 50 * sleeve().coverFraction();
        double width =
                8.5 + 2.2 * (piece.get(Attribute.SLEEVE_VOLUME) == null ? 1 : piece.get(Attribute.SLEEVE_VOLUME));
        double outX = CENTRE + side * (half + 3 + length * 0.26);
        double inX = outX - side * (width * 0.72);
        double endY = SHOULDER_Y + 6 + length;
        return path(
                "M%s %sQ%s %s %s %sL%s %sL%s %sZ",
                CENTRE + side * half,
                SHOULDER_Y + 4,
                CENTRE + side * (half + 5),
                SHOULDER_Y + 12,
                outX,
                endY,
                inX,
                endY + 1.5,
                CENTRE + side * (half - 3),
                44.0);
    }

    private void cuffs(Svg svg) {
        if (sleeve() != Sleeve.LONG) {
            return;
        }
        for (int side : new int[] {-1, 1}) {
            double x = CENTRE + side * (half + 3 + 64 * 0.26);
            svg.seam(path("M%s %sL%s %s", x - side * 0.5, 88.0, x - side * 9.5, 89.5), fabric.line(), true);
        }
    }

    private void neck(Svg svg, String fill, String outline) {
        Neckline neck = piece.neckline();
        double n = neckHalf();
        double top = SHOULDER_Y - 4;
        if (neck == Neckline.ROLL || neck == Neckline.HIGH) {
            double rise = neck == Neckline.ROLL ? 10 : 6;
            svg.shape(
                    path(
                            "M%s %sL%s %sL%s %sL%s %sQ%s %s %s %sZ",
                            CENTRE - n,
                            top + 1,
                            CENTRE - n + 1,
                            top - rise,
                            CENTRE + n - 1,
                            top - rise,
                            CENTRE + n,
                            top + 1,
                            CENTRE,
                            top + 7,
                            CENTRE - n,
                            top + 1),
                    fill,
                    outline);
            svg.seam(
                    path("M%s %sL%s %s", CENTRE - n + 1, top - rise / 2, CENTRE + n - 1, top - rise / 2),
                    fabric.line(),
                    false);
        } else if (neck == Neckline.POINT_COLLAR || neck == Neckline.BAND_COLLAR) {
            collar(svg, fill, outline, neck == Neckline.POINT_COLLAR ? 9 : 2);
        } else if (neck == Neckline.BOW) {
            collar(svg, fill, outline, 4);
            svg.shape("M48 27L38 22L38 33Z M48 27L58 22L58 33Z", fill, outline);
            svg.seam("M47 29L43 44M49 29L54 43", fabric.line(), false);
        } else if (isKnit()) {
            svg.seam(
                    path(
                            "M%s %sQ%s %s %s %s",
                            CENTRE - n - 2, top + 1, CENTRE, top + neckDepth() * 1.7 + 4, CENTRE + n + 2, top + 1),
                    fabric.line(),
                    false);
        }
        lapels(svg, fill, outline);
    }

    private void collar(Svg svg, String fill, String outline, double point) {
        double top = SHOULDER_Y - 5;
        for (int side : new int[] {-1, 1}) {
            svg.shape(
                    path(
                            "M%s %sL%s %sL%s %sL%s %sZ",
                            CENTRE,
                            top + 6,
                            CENTRE + side * 8,
                            top - 2,
                            CENTRE + side * 10,
                            top + point - 2,
                            CENTRE + side * 5,
                            top + point + 3),
                    fill,
                    outline);
        }
    }

    private void lapels(Svg svg, String fill, String outline) {
        Lapel lapel = piece.construction().lapel();
        if (lapel == null || lapel == Lapel.NONE) {
            return;
        }
        double bottom = SHOULDER_Y + 24;
        double notch = lapel == Lapel.PEAK ? 26 : lapel == Lapel.SHAWL ? 34 : 31;
        double reach = lapel == Lapel.PEAK ? 15 : lapel == Lapel.SHAWL ? 10 : 12;
        for (int side : new int[] {-1, 1}) {
            svg.shape(
                    path(
                            "M%s %sL%s %sL%s %sL%s %sZ",
                            CENTRE + side * 7.5,
                            SHOULDER_Y - 5,
                            CENTRE,
                            bottom,
                            CENTRE + side * reach,
                            notch,
                            CENTRE + side * 11,
                            20.0),
                    fill,
                    outline);
            if (lapel != Lapel.SHAWL) {
                svg.seam(
                        path("M%s %sL%s %s", CENTRE + side * reach, notch, CENTRE + side * 6.5, notch - 2),
                        fabric.line(),
                        false);
            }
        }
    }

    private boolean isKnit() {
        return piece.cloth().surface() == Surface.KNIT;
    }

    private void front(Svg svg) {
        double from = SHOULDER_Y - 4 + neckDepth();
        boolean twice = piece.construction().breasted() == Breasted.DOUBLE;
        switch (piece.opening()) {
            case BUTTONS -> {
                double x = twice ? CENTRE + 5 : CENTRE + 1.5;
                svg.seam(
                        path("M%s %sL%s %s", twice ? CENTRE + 8 : x, from + 2, twice ? CENTRE + 8 : x, hemY + 1),
                        fabric.line(),
                        false);
                int buttons = piece.construction().lapel() == Lapel.NOTCH || twice ? 2 : 5;
                double step = (hemY - from - 10) / buttons;
                for (int i = 0; i < buttons; i++) {
                    double y = from + 6 + i * Math.min(step, 14);
                    svg.raw(circle(CENTRE - (twice ? 5 : 0), y));
                    if (twice) {
                        svg.raw(circle(CENTRE + 5, y));
                    }
                }
            }
            case ZIP -> svg.seam(path("M%s %sL%s %s", CENTRE, from, CENTRE, hemY + 1), fabric.line(), true);
            case WRAP, TIE ->
                svg.seam(path("M%s %sL%s %s", CENTRE + 7, SHOULDER_Y + 4, CENTRE - 10, 60.0), fabric.line(), false);
            case OPEN_FRONT ->
                svg.seam(
                        path(
                                "M%s %sL%s %sM%s %sL%s %s",
                                CENTRE - 3, from, CENTRE - 5, hemY + 1, CENTRE + 3, from, CENTRE + 5, hemY + 1),
                        fabric.line(),
                        false);
            case NONE -> {}
        }
    }

    private String circle(double x, double y) {
        return String.format(
                Locale.ROOT, "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"1.1\" fill=\"%s\"/>", x, y, fabric.line());
    }

    private void finish(Svg svg) {
        Construction made = piece.construction();
        double y = Math.min(hemY - 14, 66);
        if (made.pockets() == Pockets.PATCH && piece.kind().family() != Family.TOP) {
            for (int side : new int[] {-1, 1}) {
                double x = CENTRE + side * (half - 6);
                svg.seam(
                        path("M%s %sL%s %sL%s %sL%s %sZ", x - 4.5, y, x + 4.5, y, x + 4.0, y + 9, x - 4.0, y + 9),
                        fabric.line(),
                        true);
            }
        } else if (made.pockets() == Pockets.FLAP || made.pockets() == Pockets.JETTED) {
            for (int side : new int[] {-1, 1}) {
                double x = CENTRE + side * (half - 6);
                svg.seam(
                        path("M%s %sL%s %s", x - 4.5, y, x + 4.5, y + (made.pockets() == Pockets.JETTED ? 3 : 0)),
                        fabric.line(),
                        false);
                if (made.pockets() == Pockets.FLAP) {
                    svg.seam(
                            path(
                                    "M%s %sL%s %sL%s %sL%s %s",
                                    x - 4.5, y, x - 4.2, y + 3.5, x + 4.2, y + 3.5, x + 4.5, y),
                            fabric.line(),
                            false);
                }
            }
        }
        switch (piece.cloth()) {
            case QUILTED -> {
                for (double row = 36; row < hemY - 2; row += 9) {
                    svg.seam(path("M%s %sL%s %s", CENTRE - half + 2, row, CENTRE + half - 2, row), fabric.line(), true);
                }
            }
            case CABLE_KNIT, CHUNKY_KNIT -> {
                for (int side : new int[] {-1, 1}) {
                    for (double row = 36; row < hemY - 8; row += 8) {
                        svg.seam(
                                path(
                                        "M%s %sQ%s %s %s %sQ%s %s %s %s",
                                        CENTRE + side * 7 - 2,
                                        row,
                                        CENTRE + side * 7 + 5,
                                        row + 2,
                                        CENTRE + side * 7,
                                        row + 4,
                                        CENTRE + side * 7 - 5,
                                        row + 6,
                                        CENTRE + side * 7 + 2,
                                        row + 8),
                                fabric.line(),
                                false);
                    }
                }
                rib(svg);
            }
            case FINE_KNIT, RIB, FLEECE -> rib(svg);
            default ->
                svg.seam(
                        path(
                                "M%s %sQ%s %s %s %s",
                                CENTRE - half + 0.5, hemY - 3, CENTRE, hemY - 1, CENTRE + half - 0.5, hemY - 3),
                        fabric.line(),
                        true);
        }
        boolean belted = piece.kind().family() == Family.COAT && made.breasted() == Breasted.DOUBLE;
        if (belted) {
            svg.seam(
                    path("M%s 62L%s 62M%s 66L%s 66", CENTRE - half, CENTRE + half, CENTRE - half, CENTRE + half),
                    fabric.line(),
                    false);
        }
    }

    private void rib(Svg svg) {
        svg.seam(
                path("M%s %sL%s %s", CENTRE - half + 0.5, hemY - 5, CENTRE + half - 0.5, hemY - 5),
                fabric.line(),
                false);
        for (double x = CENTRE - half + 4; x < CENTRE + half - 2; x += 4) {
            svg.seam(path("M%s %sL%s %s", x, hemY - 4, x, hemY), fabric.line(), false);
        }
    }

    /** Fills the coordinates into a path, one decimal each. */
    static String path(String form, double... numbers) {
        Object[] texts = new Object[numbers.length];
        for (int i = 0; i < numbers.length; i++) {
            texts[i] = String.format(Locale.ROOT, "%.1f", numbers[i]);
        }
        return form.formatted(texts);
    }
}
