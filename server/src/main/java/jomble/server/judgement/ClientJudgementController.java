package jomble.server.judgement;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.NearestOutfit;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.SmallestChange;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.piece.Piece;
import jomble.core.tree.Node;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.drawing.OutfitDrawings;
import jomble.server.drawing.OutfitDrawings.OutfitDrawing;
import jomble.server.problem.ProblemException;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Verdicts on outfits of a client's own wardrobe. */
@RestController
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

    /** @param slots from slot to id of a piece, or to ids for a set of jewellery */
    record OutfitRequest(String season, String occasion, Map<String, Object> slots) {}

    /** @param slots the outfit judged: the one asked for, with the other mandatory slots filled as well as can be */
    record OutfitVerdict(
            Map<String, String> slots, JudgementView judgement, OutfitDrawing drawing, List<ChangeView> changes) {}

    /**
     * One piece more, or one in place of another.
     *
     * @param instead what it takes the place of, null when it is added
     * @param verdict of the outfit after the change
     */
    record ChangeView(String slot, String piece, String instead, String verdict) {}

    @PostMapping("/judge")
    OutfitVerdict judge(@PathVariable UUID clientId, @RequestBody OutfitRequest request) {
        Question question = questions.ask(clientId, new Chosen(request.season(), request.occasion(), null, false));
        Outfit outfit = outfit(question, request);
        return verdict(outfit, question, List.of());
    }

    /** Why pieces make no outfit, told on the outfit in which they come nearest to working. */
    @PostMapping("/why")
    OutfitVerdict why(@PathVariable UUID clientId, @RequestBody OutfitRequest request) {
        Question question = questions.ask(clientId, new Chosen(request.season(), request.occasion(), null, false));
        Outfit part = outfit(question, request);
        Judgement nearest =
                new NearestOutfit(judges(question), question.wardrobe().pieces()).around(part);
        return verdict(nearest.outfit(), question, pieces(part));
    }

    private static List<Piece> pieces(Outfit outfit) {
        return outfit.worn().stream().flatMap(worn -> worn.pieces().stream()).toList();
    }

    private OutfitVerdict verdict(Outfit outfit, Question question, List<Piece> kept) {
        BestJudgement best = BestJudgement.of(judges(question), outfit);
        List<ChangeView> changes = best.judgement().verdict() == Verdict.WORKS
                ? List.of()
                : new SmallestChange(judges(question), question.wardrobe().pieces())
                        .of(outfit, kept, MOST_CHANGES).stream()
                                .map(ClientJudgementController::view)
                                .toList();
        return new OutfitVerdict(slots(outfit), best.view(), drawings.draw(best.judgement(), best.context()), changes);
    }

    private static ChangeView view(SmallestChange.Change change) {
        return new ChangeView(
                change.slot().id(),
                change.piece().id().value(),
                change.instead() == null ? null : change.instead().id().value(),
                change.judgement().verdict().id());
    }

    private static Outfit outfit(Question question, OutfitRequest request) {
        if (request.slots() == null || request.slots().isEmpty()) {
            throw ProblemException.conflict("no-pieces", "Name at least one piece.");
        }
        Node node = Node.at("/slots", List.of(request.slots()));
        List<Outfit> outfits = QuestionReader.outfits(node, question.wardrobe());
        node.finish();
        return outfits.get(0);
    }

    private List<Judge> judges(Question question) {
        return question.contexts().stream()
                .map(context -> new Judge(catalogue, context))
                .toList();
    }

    private static Map<String, String> slots(Outfit outfit) {
        Map<String, String> slots = new LinkedHashMap<>();
        outfit.worn()
                .forEach(worn -> slots.put(worn.slot().id(), worn.piece().id().value()));
        return slots;
    }
}
