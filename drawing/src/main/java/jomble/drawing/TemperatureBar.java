package jomble.drawing;

import jomble.drawing.ink.Lettering;

/**
 * The air an outfit is comfortable in: from the coldest walk with everything on to the warmest stroll, first dressed and then,
 * hatched, after the best peel.
 */
public final class TemperatureBar {
    private static final double WIDTH = 264;
    private static final double HEIGHT = 52;
    private static final double LEFT = 14;
    private static final double COLDEST_C = -20;
    private static final double HOTTEST_C = 40;
    private static final double BAR_Y = 16;

    private TemperatureBar() {}

    /**
     * A whole SVG document, 264 by 52 units.
     *
     * @param lowC coldest, everything on
     * @param dressedHighC warmest with everything on; at least {@code lowC} or the whole span is after the peel
     * @param peeledHighC warmest after the best peel
     */
    public static String of(double lowC, double dressedHighC, double peeledHighC) {
        Lettering bar = new Lettering(WIDTH, HEIGHT);
        bar.line(x(COLDEST_C), BAR_Y + 14, x(HOTTEST_C), BAR_Y + 14, "#8b8d91", 1, null);
        for (int c = (int) COLDEST_C; c <= HOTTEST_C; c += 10) {
            bar.line(x(c), BAR_Y + 14, x(c), BAR_Y + 19, "#8b8d91", 0.8, null);
            bar.text(x(c), BAR_Y + 30, minus(c), "middle", "#5c5d60", 9, false);
        }
        double dressed = Math.max(lowC, Math.min(dressedHighC, peeledHighC));
        bar.box(x(lowC), BAR_Y, x(dressed) - x(lowC), 11, "#3a3d42");
        bar.hatched(x(dressed), BAR_Y, x(peeledHighC) - x(dressed), 11, "#3a3d42");
        bar.text(x(lowC), BAR_Y - 4, minus(lowC) + " °C", "middle", "#17181a", 11, true);
        if (x(peeledHighC) - x(lowC) > 34) {
            bar.text(x(peeledHighC), BAR_Y - 4, minus(peeledHighC) + " °C", "middle", "#17181a", 11, true);
        }
        return bar.document("Comfortable from " + minus(lowC) + " to " + minus(dressed) + " °C, peeled to "
                + minus(peeledHighC) + " °C");
    }

    private static String minus(double value) {
        String digits =
                value == Math.rint(value) ? Long.toString(Math.abs((long) value)) : Double.toString(Math.abs(value));
        return value < 0 ? "−" + digits : digits;
    }

    private static double x(double celsius) {
        double within = Math.max(COLDEST_C, Math.min(HOTTEST_C, celsius));
        return LEFT + (within - COLDEST_C) / (HOTTEST_C - COLDEST_C) * (WIDTH - 2 * LEFT);
    }
}
