package jomble.core.colour;

import static java.lang.Math.abs;
import static java.lang.Math.atan2;
import static java.lang.Math.cos;
import static java.lang.Math.exp;
import static java.lang.Math.hypot;
import static java.lang.Math.pow;
import static java.lang.Math.sin;
import static java.lang.Math.sqrt;
import static java.lang.Math.toDegrees;
import static java.lang.Math.toRadians;

/**
 * The CIEDE2000 colour difference with all parametric factors 1.
 *
 * <p>Source: CIE 142-2001, implemented after G. Sharma, W. Wu and E. N. Dalal, "The CIEDE2000 color-difference formula:
 * implementation notes, supplementary test data, and mathematical observations", Color Research and Application 30(1),
 * 2005, doi:10.1002/col.20070. Agrees with their 34 published pairs to 10⁻⁴.
 */
public final class Ciede2000 {
    private static final double POW25_7 = pow(25, 7);

    private Ciede2000() {}

    /** Difference ΔE00, 0 upwards; symmetric in its arguments. */
    public static double difference(Lab first, Lab second) {
        double meanChroma7 = pow((first.chroma() + second.chroma()) / 2, 7);
        double g = 0.5 * (1 - sqrt(meanChroma7 / (meanChroma7 + POW25_7)));
        double a1 = (1 + g) * first.a();
        double a2 = (1 + g) * second.a();
        double c1 = hypot(a1, first.b());
        double c2 = hypot(a2, second.b());
        double h1 = hue(a1, first.b());
        double h2 = hue(a2, second.b());

        double deltaL = second.l() - first.l();
        double deltaC = c2 - c1;
        double deltaHue = hueStep(c1, c2, h2 - h1);
        double deltaH = 2 * sqrt(c1 * c2) * sin(toRadians(deltaHue) / 2);

        double meanL = (first.l() + second.l()) / 2;
        double meanC = (c1 + c2) / 2;
        double meanHue = meanHue(c1, c2, h1, h2);
        double t = 1
                - 0.17 * cos(toRadians(meanHue - 30))
                + 0.24 * cos(toRadians(2 * meanHue))
                + 0.32 * cos(toRadians(3 * meanHue + 6))
                - 0.20 * cos(toRadians(4 * meanHue - 63));
        double offset = (meanL - 50) * (meanL - 50);
        double sl = 1 + 0.015 * offset / sqrt(20 + offset);
        double sc = 1 + 0.045 * meanC;
        double sh = 1 + 0.015 * meanC * t;
        double rotation = rotation(meanC, meanHue);

        double l = deltaL / sl;
        double c = deltaC / sc;
        double h = deltaH / sh;
        return sqrt(l * l + c * c + h * h + rotation * c * h);
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double degrees = toDegrees(atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double hueStep(double c1, double c2, double step) {
        if (c1 * c2 == 0) {
            return 0;
        }
        if (step > 180) {
            return step - 360;
        }
        return step < -180 ? step + 360 : step;
    }

    private static double meanHue(double c1, double c2, double h1, double h2) {
        if (c1 * c2 == 0) {
            return h1 + h2;
        }
        if (abs(h1 - h2) <= 180) {
            return (h1 + h2) / 2;
        }
        return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
    }

    private static double rotation(double meanC, double meanHue) {
        double meanC7 = pow(meanC, 7);
        double chromaTerm = 2 * sqrt(meanC7 / (meanC7 + POW25_7));
        double angle = 30 * exp(-pow((meanHue - 275) / 25, 2));
        return -sin(toRadians(2 * angle)) * chromaTerm;
    }
}
