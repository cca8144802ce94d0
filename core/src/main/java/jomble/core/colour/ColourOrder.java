package jomble.core.colour;

/**
 * The order in which colours hang on a rail: neutrals from light to dark, then round the hue circle from red, light before
 * dark within a hue. Our choice, after how stylists sort a rail.
 */
public final class ColourOrder {
    /** CIELAB chroma below which a colour counts as neutral here; our choice. */
    private static final double NEUTRAL_CHROMA = 9;

    private static final int HUES = 12;
    private static final int STEP = 1000;

    private ColourOrder() {}

    /** A key to sort by, 0..13,000. */
    public static int key(Lab lab) {
        int darkness = (int) Math.round((100 - lab.l()) * 9.9);
        if (lab.chroma() < NEUTRAL_CHROMA) {
            return darkness;
        }
        int hue = (int) (lab.hueDegrees() / (360.0 / HUES)) % HUES;
        return (hue + 1) * STEP + darkness;
    }
}
