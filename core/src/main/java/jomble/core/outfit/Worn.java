package jomble.core.outfit;

import java.util.List;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * A piece in a slot, worn in one way.
 *
 * @param pieces one piece, or the members of a jewellery set worn as one
 * @param finish the way it is worn, or null for as it comes
 */
public record Worn(Slot slot, List<Piece> pieces, Finish finish) {
    public Worn {
        pieces = List.copyOf(pieces);
        if (pieces.isEmpty() || (pieces.size() > 1 && slot != Slot.JEWELLERY)) {
            throw new IllegalArgumentException("the slot " + slot.id() + " does not take " + pieces);
        }
    }

    public static Worn of(Slot slot, Piece piece) {
        return new Worn(slot, List.of(piece), null);
    }

    public Worn finished(Finish way) {
        return new Worn(slot, pieces, way);
    }

    /** The piece, or the first member of a set. */
    public Piece piece() {
        return pieces.get(0);
    }

    public boolean is(Finish way) {
        return finish == way;
    }
}
