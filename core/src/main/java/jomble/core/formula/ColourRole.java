package jomble.core.formula;

import java.util.List;
import jomble.core.brief.Palette;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.piece.Piece;
import jomble.core.piece.Word;

/** What the dominant colour of a piece does in an outfit. A colour can have two roles: navy may be neutral and a base. */
public enum ColourRole implements Word {
    /** Grey, or one of the wardrobe neutrals such as navy and camel. */
    NEUTRAL,
    /** One of the palette's base colours; of a palette without any, a neutral. */
    BASE,
    /** One of the palette's accents; of a palette without any, whatever is not neutral. */
    ACCENT;

    /** ΔE00 within which a piece has a colour of the palette; our choice, as for the groups of a wardrobe's colours. */
    private static final double SAME = 12;

    boolean isOf(Piece piece, Palette palette) {
        boolean isNeutral = piece.colourFamily().isNeutral();
        return switch (this) {
            case NEUTRAL -> isNeutral;
            case BASE -> palette.base().isEmpty() ? isNeutral : isAmong(piece, palette.base());
            case ACCENT -> palette.accents().isEmpty() ? !isNeutral : isAmong(piece, palette.accents());
        };
    }

    private static boolean isAmong(Piece piece, List<Colour> colours) {
        return colours.stream().anyMatch(colour -> Ciede2000.difference(colour.lab(), piece.dominant()) <= SAME);
    }
}
