package jomble.core.palette;

import java.util.List;
import jomble.core.colour.Colour;
import jomble.core.piece.PieceId;

/**
 * A colour of the wardrobe: pieces whose colours lie so close that they read as one.
 *
 * @param colour the member nearest to the middle, so that every swatch is a colour somebody can wear
 * @param role what the colour does in this wardrobe
 * @param weightFraction its part of all colour in the wardrobe, 0..1; a piece weighs one, divided by its colour shares
 * @param pieces by id
 * @param fromPalette ΔE00 to the nearest colour of the client's palette, null without a palette
 */
public record Swatch(Colour colour, Role role, double weightFraction, List<PieceId> pieces, Double fromPalette) {
    /** What a colour does. */
    public enum Role {
        BASE,
        ACCENT,
        OUTSIDER
    }

    public Swatch {
        pieces = List.copyOf(pieces);
    }
}
