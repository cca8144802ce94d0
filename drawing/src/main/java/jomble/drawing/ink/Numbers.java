package jomble.drawing.ink;

/** Numbers as SVG writes them: short, and the same everywhere. */
final class Numbers {
    private Numbers() {}

    /** Rounded to a tenth, without a needless point or nought: 12, 3.5, -.4. */
    static String tenths(double value) {
        return decimal(Math.round(value * 10), 10);
    }

    static String hundredths(double value) {
        return decimal(Math.round(value * 100), 100);
    }

    private static String decimal(long scaled, int unit) {
        if (scaled % unit == 0) {
            return Long.toString(scaled / unit);
        }
        String fraction = Long.toString(unit + Math.abs(scaled) % unit).substring(1);
        while (fraction.endsWith("0")) {
            fraction = fraction.substring(0, fraction.length() - 1);
        }
        long whole = Math.abs(scaled) / unit;
        return (scaled < 0 ? "-" : "") + (whole == 0 ? "" : whole) + "." + fraction;
    }
}
