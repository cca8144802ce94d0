package jomble.drawing.ink;

/** The weights of a technical drawing's lines, in units of the frame it is put into. */
public enum Weight {
    /** No line. */
    NONE(0),
    OUTLINE(1.3),
    SEAM(0.8),
    /** A dashed line: topstitching. */
    STITCH(0.7),
    FINE(0.5),
    /** A broad line that stands for a narrow thing: a strap, a cord, a chain. */
    CORD(2.2);

    final double width;

    Weight(double width) {
        this.width = width;
    }
}
