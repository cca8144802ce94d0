package jomble.core.colour;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The plain colour names of the trade, both ways: a name to a colour, and a colour to its nearest name. */
public final class ColourNames {
    private static final Map<String, Colour> BY_NAME = load();
    /** CIELAB chroma below which everybody says grey. */
    private static final double GREY_CHROMA = 2.5;
    /** Named greys have a tint of their own, as cloth has. */
    private static final double NAMED_GREY_CHROMA = 5;

    private ColourNames() {}

    public static Optional<Colour> find(String name) {
        return Optional.ofNullable(BY_NAME.get(name.toLowerCase(Locale.ROOT)));
    }

    public static Set<String> all() {
        return BY_NAME.keySet();
    }

    /** The listed name nearest by CIEDE2000, of a grey that of the nearest grey; the first listed wins a tie. */
    public static String nameOf(Colour colour) {
        Lab lab = colour.lab();
        boolean grey = lab.chroma() < GREY_CHROMA;
        String best = "";
        double least = Double.MAX_VALUE;
        for (Map.Entry<String, Colour> entry : BY_NAME.entrySet()) {
            Lab named = entry.getValue().lab();
            double difference = Ciede2000.difference(lab, named);
            if (difference < least && (!grey || named.chroma() < NAMED_GREY_CHROMA)) {
                least = difference;
                best = entry.getKey();
            }
        }
        return best;
    }

    private static Map<String, Colour> load() {
        Map<String, Colour> names = new LinkedHashMap<>();
        try (InputStream in = ColourNames.class.getResourceAsStream("/jomble/core/colour/colour-names.csv");
                BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            reader.lines().skip(1).forEach(line -> {
                String[] cells = line.split(",", 2);
                names.put(cells[0], Colour.of(cells[1]));
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return names;
    }
}
