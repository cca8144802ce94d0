package jomble.core.piece;

import jomble.core.colour.Colour;

/**
 * A colour of a piece and the part of its surface it covers.
 *
 * @param shareFraction above 0, at most 1
 */
public record ColourShare(Colour colour, double shareFraction) {
    public ColourShare {
        if (!(shareFraction > 0 && shareFraction <= 1)) {
            throw new IllegalArgumentException("a share lies above 0 and at most at 1: " + shareFraction);
        }
    }
}
