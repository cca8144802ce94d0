package jomble.drawing.garment;

import java.util.Set;
import jomble.core.piece.Finish;

/**
 * How a garment is worn where it is drawn.
 *
 * @param form whose heights it is drawn to
 * @param onBody whether it is drawn on the figure, where no inside shows and something lies beneath; else as a flat
 * @param finishes the way it is worn, empty for as it comes
 * @param waistband height of the waistband it is worn with, which a tuck goes into, or NaN
 * @param belted whether a belt cinches it at the waist
 */
public record Wearing(Form form, boolean onBody, Set<Finish> finishes, double waistband, boolean belted) {
    /** As a flat: on the mean form, as it comes. */
    public static final Wearing FLAT = new Wearing(Form.MEAN, false, Set.of(), Double.NaN, false);

    boolean is(Finish way) {
        return finishes.contains(way);
    }

    boolean isTucked() {
        return is(Finish.TUCKED) && !Double.isNaN(waistband);
    }
}
