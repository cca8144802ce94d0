package jomble.drawing.ink;

/**
 * One repeat of a pattern.
 *
 * @param width of the repeat
 * @param height of the repeat
 * @param unit how long one unit of the repeat is on the figure
 * @param leastFrameUnit how long it must be in the frame to be seen; with {@code unit} 0, how long it always is
 * @param turnDegrees clockwise
 * @param content SVG elements that draw the repeat
 */
record Tile(double width, double height, double unit, double leastFrameUnit, double turnDegrees, String content) {
    /** The scale of the repeat where {@code scale} units of the frame make one of the figure. */
    double scaleAt(double scale) {
        return Math.max(unit, leastFrameUnit / scale);
    }
}
