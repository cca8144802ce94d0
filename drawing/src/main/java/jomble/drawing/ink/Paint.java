package jomble.drawing.ink;

/**
 * What a shape is filled with: a colour, a repeat, or a gradient over the shape's own box.
 *
 * @param colour hex, used where there is neither tile nor gradient
 * @param tile or null
 * @param gradient SVG stops with the direction before them, or null
 * @param opacity 0..1
 */
public record Paint(String colour, Tile tile, Gradient gradient, double opacity) {
    /** @param down whether it runs from top to bottom; else from side to side */
    record Gradient(boolean down, String stops) {}

    public static final Paint NONE = flat("none");

    public static Paint flat(String colour) {
        return new Paint(colour, null, null, 1);
    }

    static Paint of(Tile tile, double opacity) {
        return new Paint(null, tile, null, opacity);
    }

    static Paint of(Gradient gradient) {
        return new Paint(null, null, gradient, 1);
    }

    public Paint faded(double by) {
        return new Paint(colour, tile, gradient, by);
    }
}
