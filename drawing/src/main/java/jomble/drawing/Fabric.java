package jomble.drawing;

import java.util.List;
import java.util.Locale;
import jomble.core.colour.Colour;
import jomble.core.colour.Lab;
import jomble.core.piece.ColourShare;
import jomble.core.piece.PatternScale;
import jomble.core.piece.Piece;

/** The cloth of a drawing: its fill, with the pattern in its own colours and scale, and the ink of its lines. */
final class Fabric {
    private static final double DARK_L = 38;

    private final Piece piece;

    Fabric(Piece piece) {
        this.piece = piece;
    }

    String ground() {
        return colour(0);
    }

    private String colour(int place) {
        List<ColourShare> colours = piece.colours();
        return colours.get(Math.min(place, colours.size() - 1)).colour().hex();
    }

    /** Lines are darker than a pale cloth and paler than a dark one, so that they show on both. */
    String line() {
        Lab lab = piece.colours().get(0).colour().lab();
        return lab.l() < DARK_L ? shade(1.9, 46) : shade(0.55, 0);
    }

    String outline() {
        Lab lab = piece.colours().get(0).colour().lab();
        return lab.l() < DARK_L ? shade(0.5, 0) : shade(0.5, 0);
    }

    private String shade(double factor, int lift) {
        int rgb = piece.colours().get(0).colour().rgb();
        int red = channel((rgb >> 16 & 0xff) * factor + lift);
        int green = channel((rgb >> 8 & 0xff) * factor + lift);
        int blue = channel((rgb & 0xff) * factor + lift);
        return new Colour(red << 16 | green << 8 | blue).hex();
    }

    private static int channel(double value) {
        return (int) Math.max(0, Math.min(255, Math.round(value)));
    }

    /** The fill to paint with; defines a pattern first where the cloth has one. */
    String fill(Svg svg) {
        if (piece.isSolid()) {
            return ground();
        }
        double unit = unit();
        String ground = rect(0, 0, unit, unit, ground());
        return svg.pattern(unit, ground + figure(unit));
    }

    private double unit() {
        PatternScale scale = piece.patternScale() == null ? PatternScale.MEDIUM : piece.patternScale();
        return switch (scale) {
            case MICRO -> 4;
            case SMALL -> 7;
            case MEDIUM -> 12;
            case LARGE -> 20;
        };
    }

    /** One repeat of the pattern in a square of {@code u}. */
    private String figure(double u) {
        String second = piece.colours().size() > 1 ? colour(1) : line();
        String third = colour(2);
        return switch (piece.pattern()) {
            case STRIPE -> rect(0, u * 0.5, u, u * 0.38, second);
            case PINSTRIPE, CHALK_STRIPE -> rect(u * 0.45, 0, Math.max(0.8, u * 0.12), u, second);
            case CHECK, GLEN_CHECK ->
                rect(0, u * 0.3, u, u * 0.3, second + "\" fill-opacity=\"0.6")
                        + rect(u * 0.3, 0, u * 0.3, u, second + "\" fill-opacity=\"0.6");
            case WINDOWPANE -> rect(0, u * 0.45, u, 1, second) + rect(u * 0.45, 0, 1, u, second);
            case HOUNDSTOOTH -> rect(0, 0, u / 2, u / 2, second) + rect(u / 2, u / 2, u / 4, u / 2, second);
            case HERRINGBONE -> line(u, second);
            case DOT, FLECK -> circle(u * 0.3, u * 0.3, u * 0.17, second) + circle(u * 0.8, u * 0.8, u * 0.17, second);
            case FLORAL, PAISLEY ->
                flower(u * 0.32, u * 0.35, u * 0.16, second) + flower(u * 0.78, u * 0.8, u * 0.12, third);
            case ANIMAL, ABSTRACT ->
                circle(u * 0.3, u * 0.4, u * 0.24, second)
                        + circle(u * 0.34, u * 0.44, u * 0.1, ground())
                        + circle(u * 0.8, u * 0.75, u * 0.15, third);
            case GEOMETRIC ->
                "<path d=\"M0 0L%1$s %1$sM%1$s 0L0 %1$s\" stroke=\"%2$s\" stroke-width=\"1.2\"/>"
                        .formatted(number(u), second);
            case COLOUR_BLOCK, BORDER -> rect(0, u * 0.5, u, u * 0.5, second);
            case SOLID -> "";
        };
    }

    private static String rect(double x, double y, double width, double height, String fill) {
        return "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"%s\"/>"
                .formatted(number(x), number(y), number(width), number(height), fill);
    }

    private static String circle(double x, double y, double radius, String fill) {
        return "<circle cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"%s\"/>"
                .formatted(number(x), number(y), number(radius), fill);
    }

    private static String flower(double x, double y, double radius, String fill) {
        return circle(x - radius, y, radius, fill)
                + circle(x + radius, y, radius, fill)
                + circle(x, y - radius, radius, fill)
                + circle(x, y + radius, radius, fill);
    }

    private static String line(double u, String stroke) {
        return "<path d=\"M0 %1$s L%2$s 0 L%1$s %1$s\" fill=\"none\" stroke=\"%3$s\" stroke-width=\"0.9\"/>"
                .formatted(number(u), number(u / 2), stroke);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
