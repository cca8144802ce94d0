package jomble.core.palette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.colour.Colour;
import jomble.core.colour.Lab;

/**
 * Finds the main colours of a garment in a photo.
 *
 * <p>Pixels similar to the picture's edge are taken as background. The rest is clustered in CIELAB by DP-means (Kulis
 * and Jordan, 2012) with a fixed radius, over a histogram of five bits a channel, so that the cost does not depend on
 * the photo's size. Limits are our choice: a cluster within {@link #RADIUS} of another reads as the same dye in another
 * light.
 */
public final class PhotoColours {
    private static final double RADIUS = 22;
    private static final double BACKGROUND = 14;
    private static final double EDGE_FRACTION = 0.12;
    private static final double LEAST_SHARE = 0.08;
    private static final int MOST = 3;
    private static final int ROUNDS = 6;
    private static final int DROPPED_BITS = 3;

    private PhotoColours() {}

    /** A colour and its share of the garment, 0..1. */
    public record Seen(Colour colour, double shareFraction) {}

    private record Cell(Lab lab, double weight) {}

    /**
     * At most three colours, heaviest first, their shares adding up to one; empty only for a picture of one colour all over.
     *
     * @param rgb pixels row by row, 0xRRGGBB
     * @param width pixels in a row, at least 1
     */
    public static List<Seen> of(int[] rgb, int width) {
        int height = rgb.length / width;
        List<Cell> edge = histogram(rgb, width, height, true);
        double edgeWeight = edge.stream().mapToDouble(Cell::weight).sum();
        List<Lab> background = groups(edge).stream()
                .filter(group -> group.weight() >= edgeWeight / 4)
                .map(Cell::lab)
                .toList();
        List<Cell> garment = histogram(rgb, width, height, false).stream()
                .filter(cell -> background.stream().noneMatch(b -> distance(b, cell.lab()) < BACKGROUND))
                .toList();
        double total = garment.stream().mapToDouble(Cell::weight).sum();
        List<Cell> main = groups(garment).stream()
                .filter(group -> group.weight() >= LEAST_SHARE * total)
                .sorted(Comparator.comparingDouble(Cell::weight).reversed())
                .limit(MOST)
                .toList();
        double kept = main.stream().mapToDouble(Cell::weight).sum();
        return main.stream()
                .map(group -> new Seen(group.lab().toColour(), group.weight() / kept))
                .toList();
    }

    private static List<Cell> histogram(int[] rgb, int width, int height, boolean edgeOnly) {
        int marginX = (int) Math.ceil(width * EDGE_FRACTION / 2);
        int marginY = (int) Math.ceil(height * EDGE_FRACTION / 2);
        Map<Integer, double[]> sums = new HashMap<>();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                boolean edge = x < marginX || x >= width - marginX || y < marginY || y >= height - marginY;
                if (edge || !edgeOnly) {
                    int pixel = rgb[y * width + x];
                    int mask = 0xff << DROPPED_BITS & 0xff;
                    double[] sum = sums.computeIfAbsent(pixel & (mask << 16 | mask << 8 | mask), k -> new double[4]);
                    sum[0]++;
                    sum[1] += pixel >> 16 & 0xff;
                    sum[2] += pixel >> 8 & 0xff;
                    sum[3] += pixel & 0xff;
                }
            }
        }
        return sums.values().stream()
                .map(s -> new Cell(
                        new Colour((int) (s[1] / s[0]) << 16 | (int) (s[2] / s[0]) << 8 | (int) (s[3] / s[0])).lab(),
                        s[0]))
                .sorted(Comparator.comparingDouble(Cell::weight)
                        .reversed()
                        .thenComparing(cell -> cell.lab().l())
                        .thenComparing(cell -> cell.lab().a()))
                .toList();
    }

    private static List<Cell> groups(List<Cell> cells) {
        List<Lab> centres = new ArrayList<>();
        List<Cell> groups = List.of();
        for (int round = 0; round < ROUNDS; round++) {
            List<double[]> sums = new ArrayList<>();
            centres.forEach(c -> sums.add(new double[4]));
            for (Cell cell : cells) {
                int nearest = -1;
                double least = RADIUS;
                for (int i = 0; i < centres.size(); i++) {
                    double distance = distance(cell.lab(), centres.get(i));
                    if (distance <= least) {
                        least = distance;
                        nearest = i;
                    }
                }
                if (nearest < 0) {
                    centres.add(cell.lab());
                    sums.add(new double[4]);
                    nearest = sums.size() - 1;
                }
                double[] sum = sums.get(nearest);
                sum[0] += cell.weight();
                sum[1] += cell.weight() * cell.lab().l();
                sum[2] += cell.weight() * cell.lab().a();
                sum[3] += cell.weight() * cell.lab().b();
            }
            groups = sums.stream()
                    .filter(s -> s[0] > 0)
                    .map(s -> new Cell(new Lab(s[1] / s[0], s[2] / s[0], s[3] / s[0]), s[0]))
                    .toList();
            centres = new ArrayList<>(groups.stream().map(Cell::lab).toList());
        }
        return groups;
    }

    private static double distance(Lab a, Lab b) {
        return Math.sqrt(Math.pow(a.l() - b.l(), 2) + Math.pow(a.a() - b.a(), 2) + Math.pow(a.b() - b.b(), 2));
    }
}
