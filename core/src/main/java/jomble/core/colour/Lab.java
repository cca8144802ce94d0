package jomble.core.colour;

/**
 * A CIELAB colour under D65 and the 2° observer.
 *
 * <p>{@code l} is lightness 0..100; {@code a} and {@code b} are unbounded in principle, within ±128 for sRGB. Source:
 * IEC 61966-2-1 for the sRGB transfer curve and primaries, CIE 15:2018 for CIELAB.
 */
public record Lab(double l, double a, double b) {
    private static final double WHITE_X = 0.95047;
    private static final double WHITE_Z = 1.08883;
    private static final double EPSILON = 216.0 / 24389.0;
    private static final double KAPPA = 24389.0 / 27.0;

    static Lab of(Colour colour) {
        double red = linear(colour.rgb() >> 16 & 0xff);
        double green = linear(colour.rgb() >> 8 & 0xff);
        double blue = linear(colour.rgb() & 0xff);
        double x = 0.4124564 * red + 0.3575761 * green + 0.1804375 * blue;
        double y = 0.2126729 * red + 0.7151522 * green + 0.0721750 * blue;
        double z = 0.0193339 * red + 0.1191920 * green + 0.9503041 * blue;
        double fx = compress(x / WHITE_X);
        double fy = compress(y);
        double fz = compress(z / WHITE_Z);
        // The matrix's rounding takes pure white a hair above 100, where no box of colours reaches.
        double lightness = Math.max(0, Math.min(100, 116 * fy - 16));
        return new Lab(lightness, 500 * (fx - fy), 200 * (fy - fz));
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    private static double compress(double t) {
        return t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116;
    }

    /** The nearest 24-bit sRGB colour; what lies outside of sRGB is clipped channel by channel. */
    public Colour toColour() {
        double fy = (l + 16) / 116;
        double x = WHITE_X * expand(fy + a / 500);
        double y = expand(fy);
        double z = WHITE_Z * expand(fy - b / 200);
        int red = channel(3.2404542 * x - 1.5371385 * y - 0.4985314 * z);
        int green = channel(-0.9692660 * x + 1.8760108 * y + 0.0415560 * z);
        int blue = channel(0.0556434 * x - 0.2040259 * y + 1.0572252 * z);
        return new Colour(red << 16 | green << 8 | blue);
    }

    private static double expand(double f) {
        double cube = f * f * f;
        return cube > EPSILON ? cube : (116 * f - 16) / KAPPA;
    }

    private static int channel(double linear) {
        double c = linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * Math.max(0, Math.min(1, c)));
    }

    /** Chroma C*ab, 0 for a grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** Hue angle h_ab in degrees, 0 inclusive to 360 exclusive; 0 for an exact grey. */
    public double hueDegrees() {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }
}
