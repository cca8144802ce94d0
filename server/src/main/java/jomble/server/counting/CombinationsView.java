package jomble.server.counting;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** A page of combinations on the wire; a total beyond 2^53 is written as text. */
record CombinationsView(Object total, List<OutfitView> outfits) {
    /**
     * One combination.
     *
     * @param slots the counted slots: from slot to piece, or to several pieces for a set of jewellery
     * @param filled the other slots as they are best filled
     * @param figure the drawing, where one was asked for
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record OutfitView(
            Map<String, Object> slots,
            Map<String, Object> filled,
            String verdict,
            int points,
            int credits,
            String figure) {}

    static CombinationsView of(CombinationPage page) {
        return drawn(page, one -> null);
    }

    /** The page with a drawing of each combination. */
    static CombinationsView drawn(CombinationPage page, Function<Combination, String> figure) {
        return new CombinationsView(
                CountsView.exact(page.total()),
                page.combinations().stream()
                        .map(one -> view(one, figure.apply(one)))
                        .toList());
    }

    private static OutfitView view(Combination one, String figure) {
        return new OutfitView(
                slots(one.slots()), slots(one.filled()), one.verdict().id(), one.points(), one.credits(), figure);
    }

    private static Map<String, Object> slots(Map<Slot, List<PieceId>> slots) {
        Map<String, Object> view = new LinkedHashMap<>();
        slots.forEach((slot, ids) -> view.put(
                slot.id(),
                ids.size() == 1
                        ? ids.get(0).value()
                        : ids.stream().map(PieceId::value).toList()));
        return view;
    }
}
