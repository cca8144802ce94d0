package jomble.drawing.ink;

import java.util.Locale;
import jomble.core.piece.ColourShare;
import jomble.core.piece.PatternScale;
import jomble.core.piece.Piece;
import jomble.core.piece.Surface;

/** The patterns, woven, knitted or printed, each in the piece's own colours and scale. */
final class Prints {
    private static final double TILE = 10;

    private Prints() {}

    /** How long ten units of a repeat are on the figure, of which 400 make a stature: 13 mm, 25, 50 and 100. */
    private static double unit(PatternScale scale) {
        return switch (scale) {
            case MICRO -> 3;
            case SMALL -> 6;
            case MEDIUM -> 12;
            case LARGE -> 24;
        };
    }

    /** How long they are in a frame of 96 by 120 at the least, so that a small drawing still shows which pattern it is. */
    private static double leastInFrame(PatternScale scale) {
        return switch (scale) {
            case MICRO -> 3;
            case SMALL -> 5;
            case MEDIUM -> 9;
            case LARGE -> 16;
        };
    }

    static Paint of(Piece piece, Fabric fabric, double opacity) {
        PatternScale scale = piece.patternScale() == null ? PatternScale.MEDIUM : piece.patternScale();
        String ground = fabric.ground();
        String a = fabric.second();
        String b = fabric.colours().size() > 2 ? fabric.colour(2) : a;
        boolean knit = piece.cloth().surface() == Surface.KNIT;
        return switch (piece.pattern()) {
            case SOLID -> new Paint(ground, null, null, opacity);
            case COLOUR_BLOCK -> Paint.of(blocks(fabric));
            case BORDER -> Paint.of(border(ground, a, b));
            case STRIPE -> stripes(scale, ground, a, b, knit ? 0 : 90, opacity);
            case PINSTRIPE -> repeat(scale, 6, 6, 0, ground, rect(2.7, 0, 0.7, 6, a), opacity);
            case CHALK_STRIPE ->
                repeat(scale, 13, 13, 0, ground, rect(5.6, 0, 1.5, 13, a + "\" fill-opacity=\".75"), opacity);
            case CHECK -> check(scale, ground, a, b, opacity);
            case WINDOWPANE ->
                repeat(scale, 14, 14, 0, ground, rect(0, 6.3, 14, 1.1, a) + rect(6.3, 0, 1.1, 14, a), opacity);
            case GLEN_CHECK -> glen(scale, ground, a, opacity);
            case HOUNDSTOOTH ->
                repeat(
                        scale,
                        TILE,
                        TILE,
                        0,
                        ground,
                        path("M0 0H5L10 5V7.5L7.5 5H5V7.5L10 10V10H5L2.5 10L5 10V10L0 5Z", a)
                                + path("M5 0H7.5L5 -2.5Z", a),
                        opacity);
            case HERRINGBONE -> herringbone(scale, ground, a, opacity);
            case DOT ->
                repeat(scale, TILE, TILE, 0, ground, circle(2.5, 2.5, 1.7, a) + circle(7.5, 7.5, 1.7, b), opacity);
            case FLORAL -> floral(scale, ground, a, b, opacity);
            case ANIMAL -> animal(scale, ground, a, b, opacity);
            case PAISLEY -> paisley(scale, ground, a, b, opacity);
            case GEOMETRIC ->
                repeat(
                        scale,
                        TILE,
                        TILE,
                        0,
                        ground,
                        path("M5 0.6L9.4 5L5 9.4L0.6 5Z", a) + path("M5 3L7 5L5 7L3 5Z", b.equals(a) ? ground : b),
                        opacity);
            case ABSTRACT ->
                repeat(
                        scale,
                        22,
                        22,
                        0,
                        ground,
                        path("M1 5Q7 -1 11 4T8 12T1 5", a)
                                + path("M13 13Q21 10 20 17T13 20T13 13", b)
                                + path("M14 2L20 1L21 6L15 8Z", b)
                                + path("M2 16L8 15L9 20L3 21Z", a),
                        opacity);
            case FLECK -> flecks(scale, ground, a, b, opacity);
        };
    }

    private static Paint repeat(
            PatternScale scale,
            double width,
            double height,
            double turn,
            String ground,
            String content,
            double opacity) {
        Tile tile = new Tile(
                width,
                height,
                unit(scale) / TILE,
                leastInFrame(scale) / TILE,
                turn,
                rect(-1, -1, width + 2, height + 2, ground) + content);
        return Paint.of(tile, opacity);
    }

    private static Paint stripes(PatternScale scale, String ground, String a, String b, double turn, double opacity) {
        String bars = a.equals(b) ? rect(0, 0, 10, 4.4, a) : rect(0, 0, 20, 4.4, a) + rect(0, 10, 20, 4.4, b);
        double size = a.equals(b) ? 10 : 20;
        return repeat(scale, size, size, turn, ground, bars, opacity);
    }

    /** Two ways of stripe laid over each other: where they cross both colours are full, beside it half. */
    private static Paint check(PatternScale scale, String ground, String a, String b, double opacity) {
        String half = a + "\" fill-opacity=\".55";
        String over = b.equals(a) ? "" : rect(0, 1.6, 12, 0.9, b) + rect(1.6, 0, 0.9, 12, b);
        return repeat(scale, 12, 12, 0, ground, rect(0, 4.5, 12, 6, half) + rect(4.5, 0, 6, 12, half) + over, opacity);
    }

    /** Fine lines both ways in alternate blocks. */
    private static Paint glen(PatternScale scale, String ground, String a, double opacity) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < 5; i++) {
            lines.append(rect(1 + i * 2, 0, 0.9, 20, a + "\" fill-opacity=\".7"))
                    .append(rect(0, 1 + i * 2, 20, 0.9, a + "\" fill-opacity=\".7"));
        }
        return repeat(scale, 20, 20, 0, ground, lines.toString(), opacity);
    }

    private static Paint herringbone(PatternScale scale, String ground, String a, double opacity) {
        String bones = "<path d=\"M0 4L5 -1L10 4M0 9L5 4L10 9M0 14L5 9L10 14\" fill=\"none\" stroke=\"" + a
                + "\" stroke-width=\"1.5\"/>";
        return repeat(scale, 10, 5, 0, ground, bones, opacity);
    }

    private static Paint floral(PatternScale scale, String ground, String a, String b, double opacity) {
        String leaf = path("M12 6Q16 3 18 7Q14 9 12 6ZM3 15Q6 11 9 14Q6 17 3 15Z", b + "\" fill-opacity=\".7");
        return repeat(scale, 20, 20, 0, ground, leaf + flower(6, 6, 2, a, b) + flower(15, 15.5, 1.6, b, a), opacity);
    }

    private static String flower(double x, double y, double petal, String colour, String eye) {
        StringBuilder flower = new StringBuilder();
        for (int i = 0; i < 5; i++) {
            double angle = Math.toRadians(72 * i - 90);
            flower.append(
                    circle(x + Math.cos(angle) * petal * 1.15, y + Math.sin(angle) * petal * 1.15, petal, colour));
        }
        return flower + circle(x, y, petal * 0.7, eye);
    }

    private static Paint animal(PatternScale scale, String ground, String a, String b, double opacity) {
        String inner = b.equals(a) ? "none" : b;
        String rosettes = rosette("M3 5Q2 1 6 1.5M8 3Q9 7 5.5 7.5", a)
                + circle(5.3, 4.4, 1.4, inner)
                + rosette("M12 12Q11 8 15 8.5M17.5 10Q18.5 15 14.5 15M11.5 13.5L12.5 15", a)
                + circle(14.7, 11.7, 1.6, inner)
                + rosette("M3 13L4.5 16M7 17Q9 16 8 13.5", a)
                + rosette("M13 2L15 4M18 2.5L17 4.5", a);
        return repeat(scale, 20, 18, 0, ground, rosettes, opacity);
    }

    private static String rosette(String data, String stroke) {
        return "<path d=\"" + data + "\" fill=\"none\" stroke=\"" + stroke
                + "\" stroke-width=\"1.7\" stroke-linecap=\"round\"/>";
    }

    private static Paint paisley(PatternScale scale, String ground, String a, String b, double opacity) {
        String drop = "M5 12Q-1 9 3 4Q6 0 10 2Q6 3 8 7Q9 12 5 12Z";
        String inner = b.equals(a) ? ground : b;
        return repeat(
                scale,
                22,
                24,
                0,
                ground,
                path(drop, a) + circle(4.8, 8.4, 1.7, inner)
                        + "<g transform=\"translate(21 24) rotate(180)\">" + path(drop, b.equals(a) ? a : b)
                        + circle(4.8, 8.4, 1.7, b.equals(a) ? ground : a) + "</g>"
                        + circle(15, 6, 0.9, a) + circle(6, 18, 0.9, a),
                opacity);
    }

    private static Paint flecks(PatternScale scale, String ground, String a, String b, double opacity) {
        String flecks = rect(1, 2, 1.6, 0.9, a)
                + rect(6, 1, 0.9, 1.5, b)
                + rect(11, 4, 1.6, 0.9, a)
                + rect(3, 8, 0.9, 1.6, b)
                + rect(8, 7, 1.5, 0.9, a)
                + rect(13, 10, 0.9, 1.6, b)
                + rect(5, 12.5, 1.6, 0.9, a)
                + rect(10, 13, 0.9, 1.4, b);
        return repeat(scale, 15, 15, 0, ground, flecks, opacity);
    }

    /** The colours one below the other, each as deep as its share. */
    private static Paint.Gradient blocks(Fabric fabric) {
        StringBuilder stops = new StringBuilder();
        double from = 0;
        double sum = fabric.colours().stream()
                .mapToDouble(ColourShare::shareFraction)
                .sum();
        for (ColourShare colour : fabric.colours()) {
            double to = from + colour.shareFraction() / sum;
            stops.append(stop(from, colour.colour().hex()))
                    .append(stop(to, colour.colour().hex()));
            from = to;
        }
        return new Paint.Gradient(true, stops.toString());
    }

    private static Paint.Gradient border(String ground, String a, String b) {
        return new Paint.Gradient(
                true,
                stop(0, ground)
                        + stop(0.8, ground)
                        + stop(0.8, b)
                        + stop(0.82, b)
                        + stop(0.82, ground)
                        + stop(0.84, ground)
                        + stop(0.84, a)
                        + stop(0.95, a)
                        + stop(0.95, b)
                        + stop(1, b));
    }

    static String stop(double offset, String colour) {
        return "<stop offset=\"" + Numbers.hundredths(offset) + "\" stop-color=\"" + colour + "\"/>";
    }

    static String rect(double x, double y, double width, double height, String fill) {
        return "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"%s\"/>"
                .formatted(Numbers.tenths(x), Numbers.tenths(y), Numbers.tenths(width), Numbers.tenths(height), fill);
    }

    static String circle(double x, double y, double radius, String fill) {
        return fill.equals("none")
                ? ""
                : String.format(
                        Locale.ROOT,
                        "<circle cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"%s\"/>",
                        Numbers.tenths(x),
                        Numbers.tenths(y),
                        Numbers.tenths(radius),
                        fill);
    }

    private static String path(String data, String fill) {
        return "<path d=\"" + data + "\" fill=\"" + fill + "\"/>";
    }
}
