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

/**
 * A page of combinations; a total beyond 2^53 is written as text.
 *
 * @param listed number of combinations in this order, when only a selection is sorted because the whole list is too
 *     long
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record CombinationsView(Exact total, Integer listed, List<OutfitView> outfits) {
    /**
     * One combination.
     *
     * @param slots the counted slots: from slot to piece, or to several pieces for a jewellery set
     * @param filled the other slots, filled in the best way
     * @param score ranking score, the sum of its {@code parts}; higher is better
     * @param scheme what the colours of its main pieces are to each other, such as {@code neutrals-and-accent}
     * @param figure the drawing, if requested
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record OutfitView(
            Map<String, Object> slots,
            Map<String, Object> filled,
            String verdict,
            int points,
            int credits,
            double score,
            List<PartView> parts,
            String scheme,
            String figure) {}

    /** One part of the score, in points. */
    public record PartView(String part, double points) {}

    static CombinationsView of(CombinationPage page) {
        return drawn(page, one -> null, null);
    }

    /** The page with a drawing of each combination. */
    static CombinationsView drawn(CombinationPage page, Function<Combination, String> figure, Integer listed) {
        return new CombinationsView(
                Exact.of(page.total()),
                listed,
                page.combinations().stream()
                        .map(one -> view(one, figure.apply(one)))
                        .toList());
    }

    /** @param figure the drawing, or null */
    public static OutfitView view(Combination one, String figure) {
        return new OutfitView(
                slots(one.slots()),
                slots(one.filled()),
                one.verdict().id(),
                one.points(),
                one.credits(),
                one.score().total(),
                one.score().parts().stream()
                        .map(part -> new PartView(part.kind().id(), part.points()))
                        .toList(),
                one.scheme().id(),
                figure);
    }

    /** From slot to piece, or to several pieces for a jewellery set. */
    public static Map<String, Object> slots(Map<Slot, List<PieceId>> slots) {
        Map<String, Object> view = new LinkedHashMap<>();
        slots.forEach((slot, ids) -> view.put(
                slot.id(),
                ids.size() == 1
                        ? ids.get(0).value()
                        : ids.stream().map(PieceId::value).toList()));
        return view;
    }
}
