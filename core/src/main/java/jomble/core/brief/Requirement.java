package jomble.core.brief;

import java.util.List;
import jomble.core.colour.Colour;

/**
 * One requirement of a dress code.
 *
 * @param colours the colours named by {@code colours} and {@code not-colours}; empty for the others
 */
public record Requirement(DressCode code, List<Colour> colours) {
    public Requirement {
        colours = List.copyOf(colours);
    }
}
