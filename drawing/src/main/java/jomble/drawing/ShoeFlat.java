package jomble.drawing;

import static jomble.drawing.UpperFlat.path;

import jomble.core.piece.Attribute;
import jomble.core.piece.HeelType;
import jomble.core.piece.Piece;
import jomble.core.piece.Shaft;
import jomble.core.piece.Toe;

/** Shoes and boots from the side, the view in which heel, toe and shaft can be read. */
final class ShoeFlat {
    private static final double FLOOR = 104;

    private final Piece piece;
    private final Fabric fabric;
    private final double lift;

    ShoeFlat(Piece piece) {
        this.piece = piece;
        this.fabric = new Fabric(piece);
        Double heel = piece.get(Attribute.HEEL_CM);
        this.lift = Math.min(26, (heel == null ? 2 : heel) * 3);
    }

    void draw(Svg svg) {
        String fill = fabric.fill(svg);
        double heelTop = FLOOR - lift;
        double ankle = ankle();
        heel(svg, heelTop);
        boolean open = piece.toe() == Toe.OPEN;
        svg.shape(
                path(
                        "M%s %sL%s %sQ%s %s %s %sQ%s %s %s %sQ%s %s %s %sL%s %sQ%s %s %s %sZ",
                        18.0,
                        heelTop,
                        18.0,
                        ankle,
                        26.0,
                        ankle - 3,
                        36.0,
                        ankle + (ankle < 70 ? 0 : 5),
                        ankle < 70 ? 37.0 : 44.0,
                        82 - lift * 0.5,
                        56.0,
                        88 - lift * 0.25,
                        82.0,
                        91.0,
                        82.0,
                        FLOOR - 2,
                        60.0,
                        FLOOR - 1,
                        44.0,
                        FLOOR - 2 - lift * 0.3,
                        18.0,
                        heelTop),
                open ? "none" : fill,
                fabric.outline());
        if (open) {
            svg.shape(
                    path("M18 %sL18 %sQ26 %s 33 %sL30 %sZ", heelTop, ankle, ankle - 2, ankle + 4, heelTop),
                    fill,
                    fabric.outline());
            svg.shape(
                    path("M54 %sQ68 %s 76 %sL80 %sQ66 %s 52 %sZ", 84.0, 82.0, 94.0, FLOOR - 3, 98.0, FLOOR - 4),
                    fill,
                    fabric.outline());
        }
        svg.shape(
                path(
                        "M16 %sQ44 %s 62 %sL82 %sL82 %sL60 %sQ44 %s 16 %sZ",
                        heelTop,
                        FLOOR - 1 - lift * 0.3,
                        FLOOR - 2,
                        FLOOR - 2,
                        FLOOR + 1,
                        FLOOR + 1,
                        FLOOR + 2 - lift * 0.3,
                        heelTop + 3),
                fabric.line(),
                fabric.outline());
        details(svg, ankle);
    }

    private double ankle() {
        Shaft shaft = piece.get(Attribute.SHAFT) == null ? Shaft.NONE : piece.get(Attribute.SHAFT);
        return switch (shaft) {
            case NONE -> 80 - lift * 0.8;
            case ANKLE -> 56 - lift * 0.5;
            case MID_CALF -> 36;
            case KNEE -> 16;
            case OVER_KNEE -> 6;
        };
    }

    private void heel(Svg svg, double heelTop) {
        HeelType type = piece.get(Attribute.HEEL_TYPE);
        if (type == HeelType.WEDGE) {
            svg.shape(
                    path("M16 %sL62 %sL62 %sL16 %sZ", heelTop, FLOOR - 1, FLOOR + 1, FLOOR + 1),
                    fabric.line(),
                    fabric.outline());
        } else {
            double width = type == HeelType.STILETTO ? 4 : type == HeelType.BLOCK ? 11 : 14;
            svg.shape(
                    path("M17 %sL%s %sL%s %sL17 %sZ", heelTop, 19 + width, heelTop, 17 + width, FLOOR + 1, FLOOR + 1),
                    fabric.line(),
                    fabric.outline());
        }
    }

    private void details(Svg svg, double ankle) {
        String id = piece.kind().origin().id();
        String line = fabric.line();
        switch (id) {
            case "lace-up-shoes", "trainers" -> {
                for (int i = 0; i < 4; i++) {
                    svg.seam(
                            path("M%s %sL%s %s", 44.0 + i * 5, 83.0 + i * 1.6, 49.0 + i * 5, 80.0 + i * 2.2),
                            line,
                            false);
                }
                svg.seam("M66 90Q72 94 74 101", line, id.equals("lace-up-shoes"));
            }
            case "loafers" -> svg.seam("M50 88Q58 84 66 88M56 86L58 92", line, false);
            case "monk-shoes" -> svg.seam("M40 84L60 92M54 88L58 86L60 90L56 92Z", line, false);
            case "ankle-boots" ->
                svg.seam(path("M28 %sL27 %sM34 %sL34 %s", ankle + 3, ankle + 22, ankle + 3, ankle + 22), line, true);
            case "rain-boots" -> svg.seam(path("M18 %sL37 %s", ankle + 6, ankle + 6), line, false);
            default -> {}
        }
    }
}
