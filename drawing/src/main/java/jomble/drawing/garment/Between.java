package jomble.drawing.garment;

/** Values on a line that bends at given places. */
final class Between {
    private Between() {}

    /** @param knots place and value in turn, places ascending; beyond the ends the end's value holds */
    static double at(double place, double... knots) {
        if (place <= knots[0]) {
            return knots[1];
        }
        for (int i = 2; i < knots.length; i += 2) {
            if (place <= knots[i]) {
                double part = (place - knots[i - 2]) / (knots[i] - knots[i - 2]);
                return knots[i - 1] + part * (knots[i + 1] - knots[i - 1]);
            }
        }
        return knots[knots.length - 1];
    }
}
