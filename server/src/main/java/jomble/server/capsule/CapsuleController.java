package jomble.server.capsule;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import jomble.core.capsule.CapsulePlanner;
import jomble.core.capsule.CapsuleProblem;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.document.CapsuleReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.piece.Kinds;
import jomble.core.tree.Node;
import jomble.server.counting.Deadline;
import jomble.server.counting.LiveCounts;
import jomble.server.document.ClientQuestions;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Plans capsules. The same wardrobe, wishes, seed and budget give the same capsule, however fast the machine is. */
@RestController
@RequestMapping("/api/v1")
class CapsuleController {
    /** A round of the search takes about so long on the machine it was measured on; rounds decide, not time. */
    private static final int MILLIS_OF_A_ROUND = 60;

    private static final int USUAL_BUDGET = 2000;
    private static final int LARGEST_BUDGET = 60_000;
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final CapsulePlanner planner;
    private final ClientQuestions questions;
    private final LiveCounts live;
    private final JsonMapper json;
    private final int seconds;

    CapsuleController(
            Counter counter,
            ClientQuestions questions,
            LiveCounts live,
            JsonMapper json,
            @Value("${jomble.count-seconds}") int seconds) {
        this.planner = new CapsulePlanner(counter);
        this.questions = questions;
        this.live = live;
        this.json = json;
        this.seconds = seconds;
    }

    /** Plans a capsule of a wardrobe that is sent along. */
    @PostMapping("/compute/capsule")
    CapsulePlanView plan(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "wishes", "seed", "budgetMillis"));
        Wardrobe wardrobe = WardrobeReader.required(node.field("wardrobe"), Kinds.shipped());
        Asked asked = asked(node, wardrobe);
        Deadline deadline = Deadline.in(seconds);
        return asked.plan(planner, deadline);
    }

    /**
     * Plans a capsule of a client and streams it: {@code progress}, then the {@code plan}, then {@code complete}.
     *
     * @param asked wishes, seed and budget as in the stateless call, as JSON
     */
    @GetMapping(path = "/clients/{clientId}/capsule-plan", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter plan(@PathVariable UUID clientId, @RequestParam(defaultValue = "{}") String asked) {
        Node node = Node.at("/asked", tree(asked));
        node.fields(List.of("wishes", "seed", "budgetMillis"));
        Asked read = asked(node, questions.wardrobe(clientId));
        Deadline clock = Deadline.in(seconds);
        Function<Progress, Object> work = progress -> read.plan(planner, progress, clock);
        return live.streamEach("plan", List.of(work));
    }

    private Object tree(String text) {
        try {
            return json.readValue(text, TREE);
        } catch (JacksonException e) {
            return text;
        }
    }

    private record Asked(CapsuleProblem problem, long seed, int rounds) {
        CapsulePlanView plan(CapsulePlanner planner, Deadline deadline) {
            return plan(planner, deadline, deadline);
        }

        CapsulePlanView plan(CapsulePlanner planner, Progress progress, Deadline clock) {
            return CapsulePlanView.of(planner.plan(problem, seed, rounds, progress), clock.elapsedMillis());
        }
    }

    private static Asked asked(Node node, Wardrobe wardrobe) {
        Node seed = node.field("seed");
        Node budget = node.field("budgetMillis");
        Integer of = seed.isNull() ? (Integer) 1 : seed.integer(0, Integer.MAX_VALUE);
        Integer millis = budget.isNull() ? (Integer) USUAL_BUDGET : budget.integer(1, LARGEST_BUDGET);
        CapsuleProblem problem = CapsuleReader.read(node.field("wishes"), wardrobe);
        node.finish();
        return new Asked(problem, of, Math.max(1, millis / MILLIS_OF_A_ROUND));
    }
}
