package jomble.core.counting.compiled;

import java.util.List;
import jomble.core.counting.CountedSlots;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * A piece or set of pieces that can fill a slot, with the ways it can be worn.
 *
 * @param index among all options
 * @param firstWay number of its first way; the others follow
 */
public record Option(int index, Slot slot, List<Piece> pieces, List<Worn> ways, int firstWay) {
    /** The options of a combination in the given slots, by the slot's ordinal; null elsewhere. */
    public static Option[] in(CountedSlots slots, Option[] combination) {
        Option[] part = combination.clone();
        for (Option option : combination) {
            if (option != null && !slots.has(option.slot)) {
                part[option.slot.ordinal()] = null;
            }
        }
        return part;
    }

    public boolean contains(PieceId id) {
        for (Piece piece : pieces) {
            if (piece.id().equals(id)) {
                return true;
            }
        }
        return false;
    }

    public boolean overlaps(Option other) {
        for (Piece piece : other.pieces) {
            if (contains(piece.id())) {
                return true;
            }
        }
        return false;
    }

    /** Equal options have the same index, so the pieces need not be hashed. */
    @Override
    public int hashCode() {
        return index;
    }

    public List<PieceId> ids() {
        return pieces.stream().map(Piece::id).toList();
    }
}
