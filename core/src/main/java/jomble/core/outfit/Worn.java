package jomble.core.outfit;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * A piece in a slot, worn in one way.
 *
 * @param pieces one piece, or the members of a jewellery set worn together
 * @param finishes how it is worn, in the order of the finishes; empty for as it comes
 */
public record Worn(Slot slot, List<Piece> pieces, Set<Finish> finishes) {
    public Worn {
        pieces = List.copyOf(pieces);
        EnumSet<Finish> inOrder = EnumSet.noneOf(Finish.class);
        inOrder.addAll(finishes);
        finishes = Collections.unmodifiableSet(inOrder);
        if (pieces.isEmpty() || (pieces.size() > 1 && slot != Slot.JEWELLERY)) {
            throw new IllegalArgumentException("the slot " + slot.id() + " does not take " + pieces);
        }
    }

    /** Without finishes. */
    public static Worn of(Slot slot, Piece piece) {
        return of(slot, List.of(piece));
    }

    /** Without finishes. */
    public static Worn of(Slot slot, List<Piece> pieces) {
        return new Worn(slot, pieces, Set.of());
    }

    /** With one more finish. */
    public Worn finished(Finish way) {
        EnumSet<Finish> more = EnumSet.of(way);
        more.addAll(finishes);
        return new Worn(slot, pieces, more);
    }

    /** Without its finishes. */
    public Worn asItComes() {
        return of(slot, pieces);
    }

    /** The piece, or the first member of a set. */
    public Piece piece() {
        return pieces.get(0);
    }

    public boolean is(Finish way) {
        return finishes.contains(way);
    }
}
