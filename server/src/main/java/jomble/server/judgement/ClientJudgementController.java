package jomble.server.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
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
    private static final int MOST_TRIED = 60;

    private final ClientQuestions questions;
    private final RuleCatalogue catalogue;

    ClientJudgementController(ClientQuestions questions, RuleCatalogue catalogue) {
        this.questions = questions;
        this.catalogue = catalogue;
    }

    /** @param slots from slot to id of a piece, or to ids for a set of jewellery */
    record OutfitRequest(List<Integer> months, String occasion, Map<String, Object> slots) {}

    /** @param slots the outfit judged: the one asked for, with the other mandatory slots filled as well as can be */
    record OutfitVerdict(Map<String, String> slots, JudgementView judgement) {}

    @PostMapping("/judge")
    OutfitVerdict judge(@PathVariable UUID clientId, @RequestBody OutfitRequest request) {
        Question question = questions.ask(clientId, new Chosen(request.months(), request.occasion(), null, false));
        Outfit outfit = outfit(question, request);
        return new OutfitVerdict(slots(outfit), ComputeController.best(judges(question), outfit));
    }

    /**
     * Why pieces make no outfit: they are put into every plainest outfit they can be part of, and the one nearest to working
     * is answered.
     */
    @PostMapping("/why")
    OutfitVerdict why(@PathVariable UUID clientId, @RequestBody OutfitRequest request) {
        Question question = questions.ask(clientId, new Chosen(request.months(), request.occasion(), null, false));
        Outfit part = outfit(question, request);
        List<Judge> judges = judges(question);
        Outfit nearest = completions(question, part).stream()
                .min(Comparator.comparing(whole -> distance(judges, whole)))
                .orElse(part);
        return new OutfitVerdict(slots(nearest), ComputeController.best(judges, nearest));
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

    /** Stops weigh more than any points. */
    private static int distance(List<Judge> judges, Outfit outfit) {
        return judges.stream()
                .map(judge -> judge.best(outfit))
                .mapToInt(ClientJudgementController::distance)
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    private static int distance(Judgement judgement) {
        long stops = judgement.findings().stream()
                .filter(finding -> finding.kind() == FindingKind.STOP)
                .count();
        return (int) (100 * stops) + judgement.points();
    }

    private static List<Outfit> completions(Question question, Outfit part) {
        boolean shoes = question.contexts().get(0).wantsShoes();
        Structure structure = part.in(Slot.ONEPIECE).isPresent() ? Structure.ONE_PIECE : Structure.SEPARATES;
        List<List<Worn>> picks = List.of(part.worn());
        for (Slot slot : structure.mandatory(shoes)) {
            if (part.in(slot).isEmpty()) {
                picks = extend(picks, slot, question.wardrobe().pieces());
            }
        }
        return picks.stream().map(Outfit::of).toList();
    }

    private static List<List<Worn>> extend(List<List<Worn>> picks, Slot slot, List<Piece> pieces) {
        List<List<Worn>> extended = new ArrayList<>();
        for (List<Worn> pick : picks) {
            for (Piece piece : pieces) {
                boolean free = pick.stream().noneMatch(worn -> worn.pieces().contains(piece));
                if (free && piece.hasRole(slot) && extended.size() < MOST_TRIED) {
                    List<Worn> more = new ArrayList<>(pick);
                    more.add(Worn.of(slot, piece));
                    extended.add(more);
                }
            }
        }
        return extended;
    }

    private static Map<String, String> slots(Outfit outfit) {
        Map<String, String> slots = new LinkedHashMap<>();
        outfit.worn()
                .forEach(worn -> slots.put(worn.slot().id(), worn.piece().id().value()));
        return slots;
    }
}
