package jomble.drawing.garment;

import jomble.core.proportion.Heights;
import jomble.core.proportion.Landmark;

/**
 * The dress form that garments are drawn on: 400 units to a stature, heights those of the proportion model, so that a hem is
 * drawn exactly where the rules measure it. Half widths are our choice, read off a standard dress form of a middle size.
 */
public final class Form {
    public static final double STATURE = 400;
    /** The published mean heights. */
    public static final Form MEAN = new Form(Heights.MEAN);

    static final double NECK_HALF = 11;
    static final double SHOULDER_HALF = 42;
    static final double CHEST_HALF = 36;
    static final double WAIST_HALF = 29;
    static final double HIP_HALF = 38;

    private final Heights heights;

    public Form(Heights heights) {
        this.heights = heights;
    }

    /** From the crown down, of a height above the floor in thousandths of stature. */
    public static double y(int permille) {
        return (1000 - permille) * STATURE / 1000;
    }

    public double y(Landmark landmark) {
        return y(heights.permille(landmark));
    }

    double waist() {
        return y(Landmark.NATURAL_WAIST);
    }

    double hip() {
        return y(Landmark.HIP);
    }

    /** The fork of the legs: a twentieth of stature below the hip. */
    double crotch() {
        return hip() + 25;
    }

    double knee() {
        return y(Landmark.KNEE);
    }

    double ankle() {
        return y(Landmark.ANKLE);
    }

    /** The slope of the shoulder, from the base of the neck outwards. */
    double shoulder(double x) {
        return y(Landmark.SHOULDER) - 14 + 0.31 * x;
    }

    double armpit() {
        return y(Landmark.SHOULDER) + 31;
    }

    /** Half the width of the body's outline at a height, for torso and hips. */
    double half(double y) {
        return Between.at(y, armpit(), CHEST_HALF, waist(), WAIST_HALF, hip(), HIP_HALF, hip() + 40, HIP_HALF);
    }
}
