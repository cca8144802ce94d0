package jomble.server.capsule;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import jomble.core.capsule.CapsulePlan;
import jomble.core.capsule.CapsulePlanner;
import jomble.core.capsule.CapsuleProblem;
import jomble.core.capsule.SharedCapsules;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.document.CapsuleReader;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.piece.Kinds;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.capsule.CapsulePlanView.BetterView;
import jomble.server.capsule.CapsulePlanView.SharedPartView;
import jomble.server.counting.Deadline;
import jomble.server.counting.EventStreams;
import jomble.server.counting.HeavyQuestions;
import jomble.server.counting.StreamedEvent;
import jomble.server.document.ClientQuestions;
import jomble.server.studio.StudioMember;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1")
class CapsuleController {
    /** Typical duration of a round on the reference machine; the number of rounds, not time, limits the search. */
    private static final int MILLIS_OF_A_ROUND = 60;

    private static final int SEED = 1;
    /** Share of the time spent on a shared core. */
    private static final double CORE = 0.2;

    private static final int USUAL_BUDGET = 2000;
    private static final int LARGEST_BUDGET = 60_000;
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final CapsulePlanner planner;
    private final ClientQuestions questions;
    private final EventStreams streams;
    private final HeavyQuestions heavy;
    private final JsonMapper json;
    private final int seconds;

    CapsuleController(
            Counter counter,
            ClientQuestions questions,
            EventStreams streams,
            HeavyQuestions heavy,
            JsonMapper json,
            @Value("${jomble.count-seconds}") int seconds) {
        this.planner = new CapsulePlanner(counter);
        this.questions = questions;
        this.streams = streams;
        this.heavy = heavy;
        this.json = json;
        this.seconds = seconds;
    }

    /** Plans a capsule for the wardrobe in the request, from the pieces in {@code start} if it names any. */
    @Requires(Right.COMPUTE)
    @PostMapping("/compute/capsule")
    CapsulePlanView plan(@RequestBody Map<String, Object> request, @AuthenticationPrincipal StudioMember member) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "wishes", "seed", "budgetMillis", "start"));
        Wardrobe wardrobe = WardrobeReader.required(node.field("wardrobe"), Kinds.shipped());
        Asked asked = asked(node, wardrobe);
        return heavy.answer(member, goOn -> true, progress -> {
            Deadline deadline = Deadline.in(seconds);
            return asked.plan(planner, deadline, better -> {}, deadline);
        });
    }

    /**
     * Plans a capsule for a client as a stream: {@code progress} and every {@code better} capsule found, then the
     * {@code plan}, then {@code complete}.
     *
     * @param asked wishes, seed, budget and start as in the stateless call, as JSON
     */
    @GetMapping(path = "/clients/{clientId}/capsule-plan", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "better", data = BetterView.class)
    @StreamedEvent(name = "plan", data = CapsulePlanView.class)
    SseEmitter plan(
            @PathVariable UUID clientId,
            @RequestParam(defaultValue = "{}") String asked,
            @AuthenticationPrincipal StudioMember member) {
        Node node = Node.at("/asked", tree(asked));
        node.fields(List.of("wishes", "seed", "budgetMillis", "start"));
        Asked read = asked(node, questions.wardrobe(clientId));
        // The clock starts with the work, not with the wait for it.
        return streams.openHeavy(
                member,
                (progress, events) -> events.send(
                        "plan",
                        read.plan(
                                planner,
                                progress,
                                better -> events.send("better", BetterView.of(better)),
                                Deadline.in(seconds))));
    }

    /**
     * Computes the figures of a capsule put together by hand, without a search.
     *
     * @param request {@code pieces}, and {@code wishes} as in the stateless call
     */
    @PostMapping("/clients/{clientId}/capsule-figures")
    CapsulePlanView figures(@PathVariable UUID clientId, @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("pieces", "wishes"));
        Wardrobe wardrobe = questions.wardrobe(clientId);
        List<PieceId> pieces = QuestionReader.pieceIds(node.field("pieces"), wardrobe);
        CapsuleProblem problem = CapsuleReader.read(node.field("wishes"), wardrobe);
        node.finish();
        Deadline deadline = Deadline.in(seconds);
        return CapsulePlanView.of(planner.look(problem, pieces, SEED, deadline), deadline.elapsedMillis());
    }

    /**
     * Plans capsules that share a core, one for each season or for each group of occasions, as a stream: the {@code
     * core}, each {@code part}, then {@code complete}.
     *
     * @param asked wishes, seed and budget as in the stateless call, the size of the {@code core}, and {@code groups}
     *     of occasions with a {@code name} each unless the capsules are for seasons; as JSON
     */
    @GetMapping(path = "/clients/{clientId}/capsules-sharing-a-core", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "core", data = String[].class)
    @StreamedEvent(name = "part", data = SharedPartView.class)
    SseEmitter shared(
            @PathVariable UUID clientId,
            @RequestParam(defaultValue = "{}") String asked,
            @AuthenticationPrincipal StudioMember member) {
        Node node = Node.at("/asked", tree(asked));
        node.fields(List.of("wishes", "seed", "budgetMillis", "core", "groups"));
        SharedAsked read = SharedAsked.read(node, questions.wardrobe(clientId));
        int rounds = rounds(node);
        long seed = seed(node);
        node.finish();
        SharedCapsules shared = new SharedCapsules(planner);
        return streams.openHeavy(member, (progress, events) -> {
            List<CapsuleProblem> problems = List.copyOf(read.parts().values());
            List<PieceId> core = shared.core(problems, read.core(), seed, rounds, progress.part(0, CORE));
            events.send("core", core.stream().map(PieceId::value).toList());
            int part = 0;
            for (Map.Entry<String, CapsuleProblem> one : read.parts().entrySet()) {
                Progress here = progress.part(CORE, 1).partOf(part++, problems.size());
                events.send(
                        "part", SharedPartView.of(one.getKey(), shared.part(one.getValue(), core, seed, rounds, here)));
            }
        });
    }

    private Object tree(String text) {
        try {
            return json.readValue(text, TREE);
        } catch (JacksonException e) {
            return text;
        }
    }

    private record Asked(CapsuleProblem problem, CapsulePlanner.Search how) {
        CapsulePlanView plan(
                CapsulePlanner planner, Progress progress, Consumer<CapsulePlan.Better> heard, Deadline clock) {
            return CapsulePlanView.of(planner.plan(problem, how, progress, heard), clock.elapsedMillis());
        }
    }

    private static Asked asked(Node node, Wardrobe wardrobe) {
        CapsuleProblem problem = CapsuleReader.read(node.field("wishes"), wardrobe);
        long seed = seed(node);
        int rounds = rounds(node);
        List<PieceId> start = QuestionReader.pieceIds(node.field("start"), wardrobe);
        node.finish();
        return new Asked(problem, new CapsulePlanner.Search(seed, rounds, Set.copyOf(start)));
    }

    private static long seed(Node node) {
        Integer seed = node.field("seed").isNull() ? null : node.field("seed").integer(0, Integer.MAX_VALUE);
        return seed == null ? SEED : seed;
    }

    private static int rounds(Node node) {
        Node budget = node.field("budgetMillis");
        Integer millis = budget.isNull() ? null : budget.integer(1, LARGEST_BUDGET);
        return Math.max(1, (millis == null ? USUAL_BUDGET : millis) / MILLIS_OF_A_ROUND);
    }
}
