package jomble.core.brief;

import java.util.List;
import jomble.core.colour.Colour;

/** The client's colours. */
public record Palette(List<Colour> base, List<Colour> accents, List<Colour> avoid) {
    public static final Palette NONE = new Palette(List.of(), List.of(), List.of());

    public Palette {
        base = List.copyOf(base);
        accents = List.copyOf(accents);
        avoid = List.copyOf(avoid);
    }
}
