package jomble.server.outfit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.outfit.WornSlots;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.wear.Wear;
import jomble.drawing.Figure;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.counting.CombinationsView;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The outfits of the wear log, each once. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/worn-outfits")
class WornOutfitController {
    private static final int MOST = 200;

    private final ClientQuestions questions;
    private final RuleCatalogue catalogue;

    WornOutfitController(ClientQuestions questions, RuleCatalogue catalogue) {
        this.questions = questions;
        this.catalogue = catalogue;
    }

    /**
     * A worn outfit.
     *
     * @param slots the slots of its pieces, as far as known
     * @param times number of times exactly these pieces were worn together
     */
    record WornOutfitView(Map<String, Object> slots, int times, LocalDate last, String figure) {}

    /** The most recent first, at most 200; without those with a piece that has left the wardrobe. */
    @GetMapping
    List<WornOutfitView> all(@PathVariable UUID clientId) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        JudgementContext context = questions
                .asking(wardrobe)
                .apply(new Chosen(null, null, null, false))
                .contexts()
                .get(0);
        Judge judge = new Judge(catalogue, context);
        Map<TreeSet<PieceId>, List<LocalDate>> days = new LinkedHashMap<>();
        for (Wear wear : wardrobe.wears().wears()) {
            days.computeIfAbsent(new TreeSet<>(wear.pieces()), pieces -> new ArrayList<>())
                    .add(wear.date());
        }
        return days.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<TreeSet<PieceId>, List<LocalDate>> one) -> last(one.getValue()))
                        .reversed())
                .flatMap(one -> {
                    List<Piece> pieces = one.getKey().stream()
                            .flatMap(id -> wardrobe.find(id).stream())
                            .toList();
                    return pieces.size() < one.getKey().size()
                            ? Stream.empty()
                            : WornSlots.of(pieces).map(slots -> view(slots, one.getValue(), judge)).stream();
                })
                .limit(MOST)
                .toList();
    }

    private static LocalDate last(List<LocalDate> days) {
        return days.stream().max(LocalDate::compareTo).orElseThrow();
    }

    private static WornOutfitView view(Map<Slot, List<Piece>> slots, List<LocalDate> days, Judge judge) {
        List<Worn> worn = new ArrayList<>();
        Map<Slot, List<PieceId>> ids = new LinkedHashMap<>();
        slots.forEach((slot, pieces) -> {
            worn.add(Worn.of(slot, pieces));
            ids.put(slot, pieces.stream().map(Piece::id).toList());
        });
        Outfit best = judge.best(Outfit.of(worn)).outfit();
        return new WornOutfitView(
                CombinationsView.slots(ids),
                days.size(),
                last(days),
                Figure.of(best, judge.context().brief().heights(), true));
    }
}
