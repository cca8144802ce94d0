package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.building.Offer;
import jomble.core.building.OutfitBuilder;
import jomble.core.judgement.FindingTexts;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * What still fits an outfit, by slot in dressing order.
 *
 * @param oneMore pieces that would improve an outfit that works
 */
record BenchView(List<BenchSlotView> slots, List<OfferView> oneMore) {
    /** @param fit number of offers that fit */
    record BenchSlotView(String slot, int fit, List<OfferView> offers) {}

    /**
     * A choice for a slot.
     *
     * @param pieces one, or several for a jewellery set
     * @param verdict the best verdict of an outfit with it and everything chosen so far
     * @param changes number of other pieces that would have to be replaced; omitted when nothing works with it
     * @param reason the worst finding it causes
     * @param speaks the largest part it adds to the score
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record OfferView(
            String slot,
            List<String> pieces,

            @Schema(allowableValues = {"works", "daring", "no"})
            String verdict,

            Integer changes,
            String reason,
            String speaks) {
        static OfferView of(Offer offer) {
            Map<PieceId, String> labels = new HashMap<>();
            offer.judgement()
                    .outfit()
                    .worn()
                    .forEach(worn -> worn.pieces().forEach(piece -> labels.put(piece.id(), piece.label())));
            return new OfferView(
                    offer.slot().id(),
                    offer.pieces().stream().map(Piece::id).map(PieceId::value).toList(),
                    offer.verdict().id(),
                    offer.changes(),
                    offer.reason() == null ? null : FindingTexts.text(offer.reason(), labels::get),
                    offer.speaks() == null ? null : offer.speaks().id());
        }
    }

    static BenchView of(OutfitBuilder.Reading reading) {
        return new BenchView(
                reading.places().stream()
                        .map(place -> new BenchSlotView(
                                place.slot().id(),
                                place.fitting(),
                                place.offers().stream().map(OfferView::of).toList()))
                        .toList(),
                reading.oneMore().stream().map(OfferView::of).toList());
    }
}
