package jomble.drawing.ink;

import java.util.List;
import jomble.core.colour.Colour;
import jomble.core.colour.Lab;
import jomble.core.piece.Attribute;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;

/** The cloth of a piece: what to fill its shapes with, and the inks of its lines. */
public final class Fabric {
    /** Below this lightness inner lines are paler than the cloth, so that a black garment shows its seams. */
    private static final double DARK_L = 40;

    private static final double[] OPACITY_BY_SHEERNESS = {1, 0.86, 0.62, 0.42};

    private final List<ColourShare> colours;
    private final double lightness;
    private final Metal metal;
    private final Paint paint;
    private final Paint surface;
    private final Paint light;

    public Fabric(Piece piece) {
        this.colours = piece.colours();
        this.metal = piece.metal();
        Lab lab = colours.get(0).colour().lab();
        this.lightness = lab.l();
        Integer sheerness = piece.get(Attribute.SHEERNESS);
        double opacity = sheerness == null ? 1 : OPACITY_BY_SHEERNESS[sheerness];
        this.paint = Prints.of(piece, this, opacity);
        this.surface = Weaves.of(piece, isDark());
        Integer sheen = piece.get(Attribute.SHEEN);
        this.light = Weaves.light(piece.cloth(), sheen == null ? 0 : sheen, isDark());
    }

    boolean isDark() {
        return lightness < DARK_L;
    }

    Paint paint() {
        return paint;
    }

    /** The texture that lies on the cloth's colours, or null. */
    Paint surface() {
        return surface;
    }

    /** How the cloth takes the light, or null for a matte one. */
    Paint light() {
        return light;
    }

    public String ground() {
        return colour(0);
    }

    /** The hex of a colour by place; the last where there are fewer. */
    public String colour(int place) {
        return colours.get(Math.min(place, colours.size() - 1)).colour().hex();
    }

    /** The second colour where there is one, else the ink of inner lines. */
    public String second() {
        return colours.size() > 1 ? colour(1) : line();
    }

    List<ColourShare> colours() {
        return colours;
    }

    /** The ink of seams and other inner lines: darker than a pale cloth and paler than a dark one. */
    public String line() {
        return isDark() ? shaded(1.15, 74) : shaded(0.52, 0);
    }

    /** The ink of the outline, always darker than the cloth or nearly black. */
    public String outline() {
        return isDark() ? shaded(0.35, 4) : shaded(0.42, 0);
    }

    /** The ink around what is set on the cloth: the outline's, or on a dark cloth that of the seams. */
    public String edge() {
        return isDark() ? line() : outline();
    }

    /** The inside of a garment, seen at the neck or below an edge. */
    public Paint inside() {
        return Paint.flat(isDark() ? shaded(0.6, 22) : shaded(0.76, 0));
    }

    /** A little off the cloth: ribs, bindings, facings. */
    public Paint trim() {
        return Paint.flat(isDark() ? shaded(1.1, 20) : shaded(0.88, 0));
    }

    /** What buckles, zips and clasps are made of. */
    public String metal() {
        return metalOf(metal);
    }

    /** The hex in which a metal is drawn; our choice. */
    public static String metalOf(Metal metal) {
        return switch (metal) {
            case GOLD -> "#cda349";
            case BRASS -> "#b08d3c";
            case ROSE_GOLD -> "#cf9a86";
            case GUNMETAL -> "#565a60";
            case MIXED -> "#c0a878";
            case SILVER, NONE -> "#b9bdc4";
        };
    }

    private String shaded(double factor, int lift) {
        int rgb = colours.get(0).colour().rgb();
        int red = channel((rgb >> 16 & 0xff) * factor + lift);
        int green = channel((rgb >> 8 & 0xff) * factor + lift);
        int blue = channel((rgb & 0xff) * factor + lift);
        return new Colour(red << 16 | green << 8 | blue).hex();
    }

    private static int channel(double value) {
        return (int) Math.max(0, Math.min(255, Math.round(value)));
    }
}
