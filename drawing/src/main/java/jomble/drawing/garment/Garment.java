package jomble.drawing.garment;

import jomble.drawing.ink.Sheet;

/** A piece that can be drawn. */
public interface Garment {
    /** The flat, and unless {@link #drawWorn} says otherwise the garment on the figure. */
    void draw(Sheet sheet, Wearing wearing);

    /** On the figure; for what looks otherwise there, such as shoes, which a flat shows from the side. */
    default void drawWorn(Sheet sheet, Wearing wearing) {
        draw(sheet, wearing);
    }
}
