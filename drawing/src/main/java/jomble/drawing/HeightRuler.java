package jomble.drawing;

import java.util.List;
import java.util.Locale;
import jomble.core.proportion.Heights;
import jomble.core.proportion.Landmark;
import jomble.drawing.garment.Form;
import jomble.drawing.ink.Lettering;

/**
 * The heights of a figure beside it: landmarks, the lower and the upper third, the half, and every visible break with its height
 * in hundredths of stature. Drawn to the frame of {@link Figure}, so that a break stands level with the hem that makes it.
 */
public final class HeightRuler {
    private static final double WIDTH = 92;
    private static final double LINE_X = 66;
    private static final List<Landmark> NAMED = List.of(
            Landmark.SHOULDER, Landmark.NATURAL_WAIST, Landmark.HIP, Landmark.KNEE, Landmark.MID_CALF, Landmark.ANKLE);
    private static final int[] THIRDS = {333, 667};
    private static final int NEAR = 18;

    /**
     * A visible break.
     *
     * @param permille its height in thousandths of stature
     * @param differenceE how far the colours above and below are apart, ΔE00
     */
    public record Break(int permille, int differenceE) {}

    private HeightRuler() {}

    /** A whole SVG document, as high as a figure. */
    public static String of(Heights heights, List<Break> breaks) {
        Lettering ruler = new Lettering(WIDTH, Figure.HEIGHT);
        ruler.line(LINE_X, Figure.CROWN, LINE_X, y(0), "#8b8d91", 1, null);
        for (int percent = 0; percent <= 100; percent += 5) {
            double length = percent % 10 == 0 ? 7 : 4;
            ruler.line(LINE_X, y(percent * 10), LINE_X + length, y(percent * 10), "#8b8d91", 0.8, null);
        }
        for (int third : THIRDS) {
            ruler.line(LINE_X - 8, y(third), WIDTH, y(third), "#1f5fa8", 0.8, "2 3");
        }
        for (Landmark landmark : NAMED) {
            int at = heights.permille(landmark);
            ruler.line(LINE_X - 4, y(at), LINE_X, y(at), "#8b8d91", 0.8, null);
            if (breaks.stream().noneMatch(b -> Math.abs(b.permille - at) < NEAR)) {
                ruler.text(LINE_X - 7, y(at) + 3, word(landmark), "end", "#5c5d60", 9, false);
            }
        }
        for (Break visible : breaks) {
            ruler.line(LINE_X - 12, y(visible.permille), WIDTH, y(visible.permille), "#17181a", 1.8, null);
            ruler.text(
                    LINE_X - 15,
                    y(visible.permille) + 4,
                    Math.round(visible.permille / 10.0) + " %",
                    "end",
                    "#17181a",
                    12.5,
                    true);
        }
        return ruler.document(title(breaks));
    }

    private static double y(int permille) {
        return Figure.CROWN + Form.y(permille);
    }

    private static String word(Landmark landmark) {
        return switch (landmark) {
            case NATURAL_WAIST -> "waist";
            case MID_CALF -> "calf";
            default -> landmark.name().toLowerCase(Locale.ROOT);
        };
    }

    private static String title(List<Break> breaks) {
        if (breaks.isEmpty()) {
            return "An unbroken column";
        }
        StringBuilder title = new StringBuilder("Breaks at");
        breaks.forEach(
                b -> title.append(' ').append(Math.round(b.permille / 10.0)).append(" %"));
        return title.append(" of the height").toString();
    }
}
