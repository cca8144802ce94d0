package jomble.core.colour;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * An opaque sRGB colour, 24 bits.
 *
 * <p>Invariant: {@code rgb} lies in 0x000000..0xffffff. The wire form is {@code #rrggbb} in lower case.
 */
public record Colour(int rgb) {
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    public Colour {
        if (rgb < 0 || rgb > 0xffffff) {
            throw new IllegalArgumentException("not a 24-bit colour: " + rgb);
        }
    }

    /**
     * Reads {@code #rrggbb}.
     *
     * @throws IllegalArgumentException when the text has any other form
     */
    public static Colour of(String hex) {
        if (!isHex(hex)) {
            throw new IllegalArgumentException("not a colour of the form #rrggbb: " + hex);
        }
        return new Colour(Integer.parseInt(hex.substring(1), 16));
    }

    public static boolean isHex(String text) {
        return HEX.matcher(text).matches();
    }

    public String hex() {
        return String.format(Locale.ROOT, "#%06x", rgb);
    }

    public Lab lab() {
        return Lab.of(this);
    }

    @Override
    public String toString() {
        return hex();
    }
}
