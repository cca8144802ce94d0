package jomble.server.counting;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.SlotPair;
import jomble.core.document.HouseRulesReader;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.HouseRules;
import jomble.core.piece.Attribute;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
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
     * @param rows slot whose pieces are the rows of the crossing table, {@code columns} likewise
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
            @RequestParam(defaultValue = "top") String rows,
            @RequestParam(defaultValue = "bottom") String columns,
            @RequestParam(required = false) String trying,
            @RequestParam(required = false) List<String> roles,
            @RequestParam(required = false) String rules) {
        Chosen chosen = new Chosen(months, occasion, counting, daring);
        SlotPair across = across(rows, columns);
        if (rules != null) {
            return stream(questions.askUnder(clientId, chosen, tried(rules)), across);
        }
        if (trying == null) {
            return stream(questions.ask(clientId, chosen), across);
        }
        Map<String, Object> set = new HashMap<>();
        set.put(Attribute.ROLES.name(), roles);
        return stream(questions.askTrying(clientId, chosen, trying, set), across);
    }

    /** @param placed slot and id such as {@code jacket=p30} */
    private static Map<Slot, PieceId> places(List<String> placed, Wardrobe wardrobe) {
        Map<Slot, PieceId> places = new EnumMap<>(Slot.class);
        for (String place : placed == null ? List.<String>of() : placed) {
            int sign = place.indexOf('=');
            Optional<Slot> slot = Word.find(Slot.class, place.substring(0, Math.max(0, sign)));
            PieceId id = new PieceId(place.substring(sign + 1));
            if (slot.isEmpty() || wardrobe.find(id).isEmpty()) {
                throw ProblemException.notFound("There is no such place, or no such piece: " + place + ".");
            }
            places.put(slot.get(), id);
        }
        return places;
    }

    private SseEmitter stream(Question question, SlotPair across) {
        return live.stream(new LiveCounts.Asked(question.toCount(), across));
    }

    private static SlotPair across(String rows, String columns) {
        Node node = Node.at("/rows,columns", List.of(List.of(rows, columns)));
        List<SlotPair> pairs = QuestionReader.slotPairs(node);
        node.finish();
        return pairs.get(0);
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
            @RequestParam(required = false) List<String> placed,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "20") int limit) {
        Question question = questions.ask(clientId, new Chosen(months, occasion, counting, daring));
        Node node = Node.at("/containing", containing == null ? List.of() : containing);
        List<PieceId> ids = QuestionReader.pieceIds(node, question.wardrobe());
        node.finish();
        CountQuestion asked = question.toCount().containing(ids).wearing(places(placed, question.wardrobe()));
        int most = Math.max(1, Math.min(limit, LARGEST_PAGE));
        CombinationPage page = counter.list(asked, Math.max(0, offset), most, Deadline.in(seconds));
        return CombinationsView.drawn(page, one -> drawings.figure(one, question.wardrobe()));
    }
}
