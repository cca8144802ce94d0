package jomble.core.colour;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/** The relation between an outfit's hues on a circle of twelve sectors; neutrals do not count as hues. */
public enum ColourScheme {
    ACHROMATIC("achromatic"),
    NEUTRALS("neutrals"),
    /** One hue, or one neutral: all navy, all brown. */
    MONOCHROMATIC("monochromatic"),
    NEUTRALS_AND_ACCENT("neutrals + accent"),
    /** All hues within three neighbouring sectors. */
    ANALOGOUS("analogous"),
    /** Two hues five or six sectors apart. */
    COMPLEMENTARY("complementary"),
    /** Three hues that leave no more than five sectors between any two. */
    TRIAD("triad"),
    SEVERAL_HUES("several hues");

    private static final int SECTORS = 12;
    private static final int NEIGHBOURS = 2;
    private static final int OPPOSITE = 5;
    private static final int WIDEST_OF_A_TRIAD = 5;

    private final String words;

    ColourScheme(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The name in documents and calls, in kebab-case. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<ColourScheme> find(String id) {
        return Arrays.stream(values()).filter(scheme -> scheme.id().equals(id)).findFirst();
    }

    /** @param families the colour families worn, including neutrals, as bits by ordinal */
    public static ColourScheme of(int families) {
        int neutrals = families & neutrals();
        int hues = families >> ColourFamily.CRIMSON.ordinal();
        if (hues == 0) {
            boolean isGrey = neutrals == 1 << ColourFamily.ACHROMATIC.ordinal() || neutrals == 0;
            return isGrey ? ACHROMATIC : Integer.bitCount(neutrals) == 1 ? MONOCHROMATIC : NEUTRALS;
        }
        if (Integer.bitCount(hues) == 1) {
            return neutrals == 0 ? MONOCHROMATIC : NEUTRALS_AND_ACCENT;
        }
        return ofHues(
                IntStream.range(0, SECTORS).filter(i -> (hues >> i & 1) != 0).toArray());
    }

    private static ColourScheme ofHues(int[] sectors) {
        int widest = 0;
        for (int i = 0; i < sectors.length; i++) {
            int next = sectors[(i + 1) % sectors.length];
            widest = Math.max(widest, Math.floorMod(next - sectors[i], SECTORS));
        }
        int span = SECTORS - widest;
        if (span <= NEIGHBOURS) {
            return ANALOGOUS;
        }
        if (sectors.length == 2 && span >= OPPOSITE) {
            return COMPLEMENTARY;
        }
        return sectors.length == 3 && widest <= WIDEST_OF_A_TRIAD ? TRIAD : SEVERAL_HUES;
    }

    private static int neutrals() {
        return (1 << ColourFamily.CRIMSON.ordinal()) - 1;
    }
}
