package jomble.core.brief;

import jomble.core.colour.Colour;
import jomble.core.piece.Fibre;
import jomble.core.piece.Metal;
import jomble.core.piece.Pattern;

/** Something the client will not wear; exactly one part is given, the others are null. */
public record Avoidance(String kind, Fibre fibre, Colour colour, Pattern pattern, Metal metal) {}
