package jomble.core.colour;

import java.util.Locale;

/**
 * The family a colour belongs to when hues are counted: one of the wardrobe's neutrals, or one of twelve 30° hue sectors.
 *
 * <p>The neutral boxes are our choice, in CIELAB LCh: a grey has C* ≤ 12; navy, denim, beige to camel, brown and olive
 * are the coloured cloths that stylists combine as if they were grey. A colour inside two boxes takes the first.
 */
public enum ColourFamily {
    ACHROMATIC(0, 100, 0, 360, 12),
    NAVY(10, 32, 255, 300, 32),
    DENIM(20, 75, 250, 285, 35),
    BEIGE(45, 92, 60, 95, 38),
    BROWN(10, 45, 35, 85, 32),
    OLIVE(25, 65, 90, 120, 30),
    CRIMSON,
    RED,
    ORANGE,
    YELLOW,
    GREEN,
    EMERALD,
    TEAL,
    CYAN,
    AZURE,
    BLUE,
    VIOLET,
    MAGENTA;

    private static final ColourFamily[] FAMILIES = values();
    private static final double SECTOR_DEGREES = 30;

    private final boolean neutral;
    private final double minL;
    private final double maxL;
    private final double minHue;
    private final double maxHue;
    private final double maxChroma;

    /** A hue sector; its limits follow from its place after the neutrals. */
    ColourFamily() {
        this(false, 0, 0, 0, 0, 0);
    }

    ColourFamily(double minL, double maxL, double minHue, double maxHue, double maxChroma) {
        this(true, minL, maxL, minHue, maxHue, maxChroma);
    }

    ColourFamily(boolean neutral, double minL, double maxL, double minHue, double maxHue, double maxChroma) {
        this.neutral = neutral;
        this.minL = minL;
        this.maxL = maxL;
        this.minHue = minHue;
        this.maxHue = maxHue;
        this.maxChroma = maxChroma;
    }

    public static ColourFamily of(Lab lab) {
        double hue = lab.hueDegrees();
        double chroma = lab.chroma();
        for (ColourFamily family : FAMILIES) {
            if (family.neutral && family.holds(lab.l(), hue, chroma)) {
                return family;
            }
        }
        return FAMILIES[CRIMSON.ordinal() + (int) (hue / SECTOR_DEGREES)];
    }

    private boolean holds(double l, double hue, double chroma) {
        return chroma <= maxChroma && l >= minL && l <= maxL && hue >= minHue && hue <= maxHue;
    }

    /** Whether the colour goes with everything and is left out when hue families are counted. */
    public boolean isNeutral() {
        return neutral;
    }

    /** Kebab-case name used in documents and on the wire. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
