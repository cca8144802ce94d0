package jomble.core.judgement;

/**
 * A number a rule compares with.
 *
 * @param name kebab-case, unique within its rule
 * @param value the default
 * @param unit what the number counts
 */
public record Parameter(String name, double value, String unit) {
    private static final double COLDEST_C = -40;
    private static final double HOTTEST_C = 50;
    private static final double HALF_CIRCLE = 180;
    private static final double WIDEST_DIFFERENCE = 100;

    /** The smallest allowed value: temperatures may be below zero, everything else may not. */
    public double least() {
        return unit.startsWith("°C") ? COLDEST_C : 0;
    }

    /** The largest allowed value for the unit; for counts and lengths ten times the default. */
    public double most() {
        if (unit.startsWith("°C")) {
            return HOTTEST_C;
        }
        if (unit.startsWith("degrees")) {
            return HALF_CIRCLE;
        }
        if (unit.startsWith("share")) {
            return 1;
        }
        boolean colour = unit.startsWith("Δ") || unit.startsWith("C*") || unit.startsWith("L*");
        return colour ? WIDEST_DIFFERENCE : Math.max(10, 10 * value);
    }
}
