package jomble.core.counting.query;

import java.util.List;
import java.util.Map;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;

/**
 * One edit of an outfit.
 *
 * @param from pieces worn there before; empty when the slot was empty
 * @param to pieces worn there afterwards; empty when the slot is emptied
 * @param outfit the outfit after the edit
 */
public record OutfitChange(
        Kind kind, Slot slot, List<PieceId> from, List<PieceId> to, Map<Slot, List<PieceId>> outfit) {
    /** The kinds of edit, in the order in which several are listed. */
    public enum Kind implements Word {
        REMOVE,
        SWAP,
        ADD
    }

    static OutfitChange of(Slot slot, List<PieceId> from, List<PieceId> to, Map<Slot, List<PieceId>> outfit) {
        Kind kind = to.isEmpty() ? Kind.REMOVE : from.isEmpty() ? Kind.ADD : Kind.SWAP;
        return new OutfitChange(kind, slot, from, to, outfit);
    }
}
