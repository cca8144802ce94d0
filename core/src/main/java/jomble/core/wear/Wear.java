package jomble.core.wear;

import java.time.LocalDate;
import java.util.List;
import jomble.core.piece.PieceId;

/**
 * Pieces worn together on one day. Invariant: at least one piece, no duplicates. It may name pieces that have left the
 * wardrobe, because the log outlives them.
 *
 * @param id identifies it in the log
 */
public record Wear(String id, LocalDate date, List<PieceId> pieces) {
    public Wear {
        pieces = List.copyOf(pieces);
        if (pieces.isEmpty() || pieces.stream().distinct().count() < pieces.size()) {
            throw new IllegalArgumentException("at least one piece and none twice are worn, not " + pieces);
        }
    }
}
