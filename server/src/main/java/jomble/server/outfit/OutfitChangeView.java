package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import jomble.core.counting.query.OutfitChange;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.server.counting.CombinationsView;

/**
 * One edit of an outfit.
 *
 * @param kind swap, add or remove
 * @param from the piece worn there before, or several for a jewellery set; omitted when the slot was empty
 * @param to the piece worn there afterwards; omitted when the slot is emptied
 * @param outfit the outfit after the edit
 * @param verdict of that outfit, if requested
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record OutfitChangeView(String kind, String slot, Object from, Object to, Map<String, Object> outfit, String verdict) {
    static OutfitChangeView of(OutfitChange change, String verdict) {
        return new OutfitChangeView(
                change.kind().id(),
                change.slot().id(),
                pieces(change.slot(), change.from()),
                pieces(change.slot(), change.to()),
                CombinationsView.slots(change.outfit()),
                verdict);
    }

    private static Object pieces(Slot slot, List<PieceId> ids) {
        return ids.isEmpty() ? null : CombinationsView.slots(Map.of(slot, ids)).get(slot.id());
    }
}
