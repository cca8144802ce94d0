package jomble.core.counting;

import java.util.List;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Something that can fill a slot, with the ways it can be worn.
 *
 * @param index place among all options
 * @param firstWay number of its first way; the others follow
 */
record Option(int index, Slot slot, List<Piece> pieces, List<Worn> ways, int firstWay) {
    boolean contains(PieceId id) {
        for (Piece piece : pieces) {
            if (piece.id().equals(id)) {
                return true;
            }
        }
        return false;
    }

    boolean overlaps(Option other) {
        for (Piece piece : other.pieces) {
            if (contains(piece.id())) {
                return true;
            }
        }
        return false;
    }

    List<PieceId> ids() {
        return pieces.stream().map(Piece::id).toList();
    }
}
