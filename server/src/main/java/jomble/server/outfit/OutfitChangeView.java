package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import jomble.core.counting.query.OutfitChange;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.server.counting.CombinationsView;

/**
 * One edit of an outfit on the wire.
 *
 * @param kind swap, add or remove
 * @param from the piece that was worn there, or several for a set of jewellery; left out where there was none
 * @param to the piece that is worn there instead; left out where one was taken off
 * @param outfit what is worn after it
 * @param verdict of that outfit, where it is asked for
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
