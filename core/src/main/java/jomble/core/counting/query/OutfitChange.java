package jomble.core.counting.query;

import java.util.List;
import java.util.Map;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;

/**
 * One edit of an outfit.
 *
 * @param from what was worn there, empty where nothing was
 * @param to what is worn there instead, empty where something was taken off
 * @param outfit what is worn after it
 */
public record OutfitChange(
        Kind kind, Slot slot, List<PieceId> from, List<PieceId> to, Map<Slot, List<PieceId>> outfit) {
    /** What is done, in the order in which several edits are listed. */
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
