package jomble.server.judgement;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import jomble.core.brief.Occasion;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.DayComfort;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.NearestOutfit;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.SmallestChange;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.drawing.OutfitDrawings;
import jomble.server.drawing.OutfitDrawings.OutfitDrawing;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Verdicts on a client's outfits. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class ClientJudgementController {
    private static final int MOST_CHANGES = 4;

    private final ClientQuestions questions;
    private final RuleCatalogue catalogue;
    private final OutfitDrawings drawings;

    ClientJudgementController(ClientQuestions questions, RuleCatalogue catalogue, OutfitDrawings drawings) {
        this.questions = questions;
        this.catalogue = catalogue;
        this.drawings = drawings;
    }

    /**
     * @param slots from slot to the id of a piece, or to ids for a jewellery set
     * @param finishes by id of a piece, how it is worn; other pieces are worn in the best way
     */
    record OutfitRequest(
            String season, String occasion, Map<String, Object> slots, Map<String, List<String>> finishes) {}

    /**
     * Everything about one outfit.
     *
     * @param slots the outfit judged: the one requested, with empty mandatory slots filled in the best way
     * @param ways by id of a piece, its possible finishes, for pieces with a choice
     * @param day comfort on the way there, indoors and in the evening; empty without weather
     * @param occasions the verdict for each of the client's occasions
     */
    record OutfitVerdict(
            Map<String, String> slots,
            JudgementView judgement,
            OutfitDrawing drawing,
            List<ChangeView> changes,
            Map<String, List<List<String>>> ways,
            List<FeltView> day,
            List<OccasionView> occasions) {}

    /**
     * Comfort at one moment of the day.
     *
     * @param moment way-there, indoors or evening
     * @param airC air temperature
     * @param off pieces taken off
     * @param felt cold, comfortable or warm
     */
    record FeltView(String moment, double airC, List<String> off, String felt) {}

    /** The verdict for an occasion, with its formality window. */
    record OccasionView(String name, String verdict, int formalityLow, int formalityHigh) {}

    /**
     * A change that adds or replaces one piece.
     *
     * @param instead the piece it replaces, null when it is added
     * @param verdict of the outfit after the change
     */
    record ChangeView(String slot, String piece, String instead, String verdict) {}

    /** Judges an outfit, with reasons, its drawing, and its comfort through the day. */
    @PostMapping("/judge")
    OutfitVerdict judge(@PathVariable UUID clientId, @RequestBody OutfitRequest request) {
        Function<Chosen, Question> asking = questions.asking(clientId);
        Question question = asking.apply(chosen(request));
        Outfit outfit = outfit(question, request);
        Map<PieceId, Set<Finish>> finishes = finishes(request, outfit);
        BestJudgement best = BestJudgement.of(judges(question), outfit, finishes);
        List<OccasionView> occasions = question.wardrobe().brief().occasions().stream()
                .map(occasion -> view(
                        occasion,
                        BestJudgement.of(
                                judges(asking.apply(new Chosen(request.season(), occasion.name(), null, false))),
                                outfit,
                                finishes)))
                .toList();
        return verdict(outfit, best, question, List.of(), occasions);
    }

    /** Explains why pieces are in no outfit, using the outfit in which they come nearest to working. */
    @PostMapping("/why")
    OutfitVerdict why(@PathVariable UUID clientId, @RequestBody OutfitRequest request) {
        Question question = questions.ask(clientId, chosen(request));
        Outfit part = outfit(question, request);
        Judgement nearest =
                new NearestOutfit(judges(question), question.wardrobe().pieces()).around(part);
        BestJudgement best = BestJudgement.of(judges(question), nearest.outfit(), Map.of());
        return verdict(nearest.outfit(), best, question, pieces(part), List.of());
    }

    private static Chosen chosen(OutfitRequest request) {
        return new Chosen(request.season(), request.occasion(), null, false);
    }

    private static List<Piece> pieces(Outfit outfit) {
        return outfit.worn().stream().flatMap(worn -> worn.pieces().stream()).toList();
    }

    private OutfitVerdict verdict(
            Outfit outfit, BestJudgement best, Question question, List<Piece> kept, List<OccasionView> occasions) {
        List<ChangeView> changes = best.judgement().verdict() == Verdict.WORKS
                        || outfit.worn().isEmpty()
                ? List.of()
                : new SmallestChange(judges(question), question.wardrobe().pieces())
                        .of(outfit, kept, MOST_CHANGES).stream()
                                .map(ClientJudgementController::view)
                                .toList();
        return new OutfitVerdict(
                slots(outfit),
                best.view(question.wardrobe().pieces()),
                drawings.draw(best.judgement(), best.context()),
                changes,
                ways(outfit),
                DayComfort.of(best.judgement(), best.context()).stream()
                        .map(ClientJudgementController::view)
                        .toList(),
                occasions);
    }

    private static OccasionView view(Occasion occasion, BestJudgement best) {
        return new OccasionView(
                occasion.name(), best.judgement().verdict().id(), occasion.formalityLow(), occasion.formalityHigh());
    }

    private static FeltView view(DayComfort.Felt felt) {
        return new FeltView(
                felt.moment().id(),
                felt.airC(),
                felt.off().stream().map(piece -> piece.id().value()).toList(),
                felt.isCold() ? "cold" : felt.isWarm() ? "warm" : "comfortable");
    }

    private static Map<String, List<List<String>>> ways(Outfit outfit) {
        Map<String, List<List<String>>> ways = new LinkedHashMap<>();
        for (Worn worn : outfit.worn()) {
            List<Worn> all = Ways.of(worn);
            if (all.size() > 1) {
                ways.put(
                        worn.piece().id().value(),
                        all.stream()
                                .map(way ->
                                        way.finishes().stream().map(Finish::id).toList())
                                .toList());
            }
        }
        return ways;
    }

    private static Map<PieceId, Set<Finish>> finishes(OutfitRequest request, Outfit outfit) {
        Node node = Node.at("/finishes", request.finishes());
        Map<PieceId, Set<Finish>> finishes = QuestionReader.finishes(node, outfit);
        node.finish();
        return finishes;
    }

    private static ChangeView view(SmallestChange.Change change) {
        return new ChangeView(
                change.slot().id(),
                change.piece().id().value(),
                change.instead() == null ? null : change.instead().id().value(),
                change.judgement().verdict().id());
    }

    private static Outfit outfit(Question question, OutfitRequest request) {
        Node node = Node.at("/slots", List.of(request.slots() == null ? Map.of() : request.slots()));
        List<Outfit> outfits = QuestionReader.outfits(node, question.wardrobe());
        node.finish();
        return outfits.get(0);
    }

    private List<Judge> judges(Question question) {
        return Judge.of(catalogue, question.contexts());
    }

    private static Map<String, String> slots(Outfit outfit) {
        Map<String, String> slots = new LinkedHashMap<>();
        outfit.worn()
                .forEach(worn -> slots.put(worn.slot().id(), worn.piece().id().value()));
        return slots;
    }
}
