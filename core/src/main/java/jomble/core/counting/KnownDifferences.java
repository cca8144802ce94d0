package jomble.core.counting;

import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleBiFunction;
import jomble.core.piece.Piece;

/** Colour differences between the pieces of one wardrobe, each worked out once. Not for use by several threads. */
final class KnownDifferences implements ToDoubleBiFunction<Piece, Piece> {
    private final Map<Piece, Integer> places = new IdentityHashMap<>();
    private final double[] known;

    KnownDifferences(List<Piece> pieces) {
        pieces.forEach(piece -> places.put(piece, places.size()));
        known = new double[pieces.size() * pieces.size()];
        Arrays.fill(known, -1);
    }

    @Override
    public double applyAsDouble(Piece a, Piece b) {
        int at = places.get(a) * places.size() + places.get(b);
        if (known[at] < 0) {
            known[at] = a.colourDifference(b);
        }
        return known[at];
    }
}
