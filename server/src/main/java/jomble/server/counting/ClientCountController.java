package jomble.server.counting;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.Counter;
import jomble.core.document.HouseRulesReader;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.HouseRules;
import jomble.core.piece.Attribute;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.drawing.OutfitDrawings;
import jomble.server.problem.ProblemException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Counts and lists of a client's own wardrobe. */
@RestController
@RequestMapping("/api/v1/clients/{clientId}")
class ClientCountController {
    private static final int LARGEST_PAGE = 100;
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final ClientQuestions questions;
    private final LiveCounts live;
    private final Counter counter;
    private final OutfitDrawings drawings;
    private final JsonMapper json;
    private final int seconds;

    ClientCountController(
            ClientQuestions questions,
            LiveCounts live,
            Counter counter,
            OutfitDrawings drawings,
            JsonMapper json,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.live = live;
        this.counter = counter;
        this.drawings = drawings;
        this.json = json;
        this.seconds = seconds;
    }

    /**
     * Streams {@code progress} events, then {@code counts} without and {@code complete} with the uncounted pieces' figures, or
     * {@code refused} with the reason.
     *
     * @param trying a piece that is counted as if it had {@code roles}; nothing is saved
     * @param rules house rules of the client in document form that are only tried
     */
    @GetMapping(path = "/counts", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter counts(
            @PathVariable UUID clientId,
            @RequestParam(required = false) List<Integer> months,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String trying,
            @RequestParam(required = false) List<String> roles,
            @RequestParam(required = false) String rules) {
        Chosen chosen = new Chosen(months, occasion, counting, daring);
        if (rules != null) {
            return live.stream(
                    questions.askUnder(clientId, chosen, tried(rules)).toCount());
        }
        if (trying == null) {
            return live.stream(questions.ask(clientId, chosen).toCount());
        }
        Map<String, Object> set = new HashMap<>();
        set.put(Attribute.ROLES.name(), roles);
        return live.stream(questions.askTrying(clientId, chosen, trying, set).toCount());
    }

    private HouseRules tried(String rules) {
        try {
            return HouseRulesReader.read(json.readValue(rules, TREE));
        } catch (JacksonException e) {
            throw ProblemException.conflict("not-json", "House rules in document form are expected here.");
        }
    }

    @GetMapping("/outfits")
    CombinationsView outfits(
            @PathVariable UUID clientId,
            @RequestParam(required = false) List<Integer> months,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) List<String> containing,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "20") int limit) {
        Question question = questions.ask(clientId, new Chosen(months, occasion, counting, daring));
        Node node = Node.at("/containing", containing == null ? List.of() : containing);
        List<PieceId> ids = QuestionReader.pieceIds(node, question.wardrobe());
        node.finish();
        int most = Math.max(1, Math.min(limit, LARGEST_PAGE));
        CombinationPage page =
                counter.list(question.toCount().containing(ids), Math.max(0, offset), most, Deadline.in(seconds));
        return CombinationsView.drawn(page, one -> drawings.figure(one, question.wardrobe()));
    }
}
