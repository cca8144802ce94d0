package jomble.core.palette;

import java.util.List;
import jomble.core.colour.Colour;
import jomble.core.piece.PieceId;

/**
 * A colour of the wardrobe: pieces whose colours are so close that they read as one.
 *
 * @param colour the member nearest to the centre, so that every swatch is a colour of a real piece
 * @param role the role of the colour in this wardrobe
 * @param weightFraction its share of all colour in the wardrobe, 0..1; each piece has weight one, divided by its colour
 *     shares
 * @param pieces by id
 * @param fromPalette ΔE00 to the nearest colour of the client's palette, null without a palette
 */
public record Swatch(Colour colour, Role role, double weightFraction, List<PieceId> pieces, Double fromPalette) {
    /** The role of a colour. */
    public enum Role {
        BASE,
        ACCENT,
        OUTSIDER
    }

    public Swatch {
        pieces = List.copyOf(pieces);
    }
}
