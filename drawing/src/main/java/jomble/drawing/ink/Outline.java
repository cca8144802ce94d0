package jomble.drawing.ink;

import java.util.ArrayList;
import java.util.List;

/**
 * A line under the pen: straight and curved segments from a starting point. Units are those of the figure, 400 to a
 * stature; x runs from the centre front to the viewer's right, y from the crown of the head down.
 */
public final class Outline {
    private static final double QUARTER_CIRCLE = 0.5523;

    private final double startX;
    private final double startY;
    private final List<double[]> segments = new ArrayList<>();
    private boolean closed;

    private Outline(double startX, double startY) {
        this.startX = startX;
        this.startY = startY;
    }

    public static Outline at(double x, double y) {
        return new Outline(x, y);
    }

    /** Straight through points, given as x and y in turn. */
    public static Outline polyline(double... points) {
        return at(points[0], points[1]).lines(2, points);
    }

    /** A closed shape with straight sides. */
    public static Outline polygon(double... points) {
        return polyline(points).close();
    }

    public static Outline ellipse(double x, double y, double radiusX, double radiusY) {
        double kx = radiusX * QUARTER_CIRCLE;
        double ky = radiusY * QUARTER_CIRCLE;
        return at(x + radiusX, y)
                .cubic(x + radiusX, y + ky, x + kx, y + radiusY, x, y + radiusY)
                .cubic(x - kx, y + radiusY, x - radiusX, y + ky, x - radiusX, y)
                .cubic(x - radiusX, y - ky, x - kx, y - radiusY, x, y - radiusY)
                .cubic(x + kx, y - radiusY, x + radiusX, y - ky, x + radiusX, y)
                .close();
    }

    public static Outline circle(double x, double y, double radius) {
        return ellipse(x, y, radius, radius);
    }

    public static Outline rectangle(double x, double y, double width, double height) {
        return polygon(x, y, x + width, y, x + width, y + height, x, y + height);
    }

    public Outline to(double x, double y) {
        segments.add(new double[] {x, y});
        return this;
    }

    /** Straight on through points, given as x and y in turn. */
    public Outline lines(double... points) {
        return lines(0, points);
    }

    private Outline lines(int from, double[] points) {
        for (int i = from; i < points.length; i += 2) {
            to(points[i], points[i + 1]);
        }
        return this;
    }

    /** A quadratic curve. */
    public Outline curve(double controlX, double controlY, double x, double y) {
        segments.add(new double[] {controlX, controlY, x, y});
        return this;
    }

    /** A cubic curve. */
    public Outline cubic(double x1, double y1, double x2, double y2, double x, double y) {
        segments.add(new double[] {x1, y1, x2, y2, x, y});
        return this;
    }

    /** A smooth curve through points (Catmull-Rom), given as x and y in turn. */
    public Outline through(double... points) {
        int n = points.length / 2 + 1;
        double[] px = new double[n];
        double[] py = new double[n];
        px[0] = x();
        py[0] = y();
        for (int i = 1; i < n; i++) {
            px[i] = points[2 * i - 2];
            py[i] = points[2 * i - 1];
        }
        for (int i = 0; i + 1 < n; i++) {
            int before = Math.max(0, i - 1);
            int after = Math.min(n - 1, i + 2);
            cubic(
                    px[i] + (px[i + 1] - px[before]) / 6,
                    py[i] + (py[i + 1] - py[before]) / 6,
                    px[i + 1] - (px[after] - px[i]) / 6,
                    py[i + 1] - (py[after] - py[i]) / 6,
                    px[i + 1],
                    py[i + 1]);
        }
        return this;
    }

    public Outline close() {
        closed = true;
        return this;
    }

    private double[] last() {
        return segments.get(segments.size() - 1);
    }

    /** Where the pen is. */
    public double x() {
        return segments.isEmpty() ? startX : last()[last().length - 2];
    }

    public double y() {
        return segments.isEmpty() ? startY : last()[last().length - 1];
    }

    /** The right half of a symmetric shape completed by its mirror image and closed. */
    public Outline whole() {
        Outline whole = at(startX, startY);
        segments.forEach(segment -> whole.segments.add(segment.clone()));
        if (x() != 0) {
            whole.to(-x(), y());
        }
        for (int i = segments.size() - 1; i >= 0; i--) {
            double[] from = segments.get(i);
            double[] end = i == 0 ? new double[] {startX, startY} : segments.get(i - 1);
            double[] back = new double[from.length];
            for (int j = 0; j + 2 < from.length; j += 2) {
                back[j] = -from[from.length - 4 - j];
                back[j + 1] = from[from.length - 3 - j];
            }
            back[from.length - 2] = -end[end.length - 2];
            back[from.length - 1] = end[end.length - 1];
            whole.segments.add(back);
        }
        return whole.close();
    }

    public Outline mirrored() {
        return mapped(-1, 1, 0, 0);
    }

    public Outline moved(double dx, double dy) {
        return mapped(1, 1, dx, dy);
    }

    public Outline mapped(double scaleX, double scaleY, double dx, double dy) {
        Outline mapped = at(startX * scaleX + dx, startY * scaleY + dy);
        for (double[] segment : segments) {
            double[] copy = new double[segment.length];
            for (int i = 0; i < segment.length; i += 2) {
                copy[i] = segment[i] * scaleX + dx;
                copy[i + 1] = segment[i + 1] * scaleY + dy;
            }
            mapped.segments.add(copy);
        }
        mapped.closed = closed;
        return mapped;
    }

    /** Left, top, right and bottom of a box that holds the line, control points and all. */
    double[] bounds() {
        double[] box = {startX, startY, startX, startY};
        for (double[] segment : segments) {
            for (int i = 0; i < segment.length; i += 2) {
                box[0] = Math.min(box[0], segment[i]);
                box[1] = Math.min(box[1], segment[i + 1]);
                box[2] = Math.max(box[2], segment[i]);
                box[3] = Math.max(box[3], segment[i + 1]);
            }
        }
        return box;
    }

    /** The path data of SVG. */
    String data() {
        StringBuilder data = new StringBuilder();
        append(data, 'M', new double[] {startX, startY});
        for (double[] segment : segments) {
            append(data, segment.length == 2 ? 'L' : segment.length == 4 ? 'Q' : 'C', segment);
        }
        return closed ? data.append('Z').toString() : data.toString();
    }

    private static void append(StringBuilder data, char command, double[] numbers) {
        data.append(command);
        for (int i = 0; i < numbers.length; i++) {
            String number = Numbers.tenths(numbers[i]);
            if (i > 0 && number.charAt(0) != '-') {
                data.append(' ');
            }
            data.append(number);
        }
    }
}
