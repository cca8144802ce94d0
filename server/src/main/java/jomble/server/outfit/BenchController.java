package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import jomble.core.building.OutfitBuilder;
import jomble.core.building.Registers;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.FindingTexts;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.outfit.Outfit;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.drawing.Figure;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.counting.CombinationsView;
import jomble.server.counting.Deadline;
import jomble.server.counting.EventStreams;
import jomble.server.counting.StreamedEvent;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.document.NamedPieces;
import jomble.server.judgement.BestJudgement;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The bench: what still fits an outfit under construction. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class BenchController {
    private final ClientQuestions questions;
    private final RuleCatalogue catalogue;
    private final OutfitBuilder bench;
    private final Registers registers;
    private final OutfitQueries queries;
    private final EventStreams streams;
    private final int seconds;

    BenchController(
            ClientQuestions questions,
            OutfitQueries queries,
            RuleCatalogue catalogue,
            EventStreams streams,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.queries = queries;
        this.seconds = seconds;
        this.catalogue = catalogue;
        this.bench = new OutfitBuilder(catalogue, queries);
        this.registers = new Registers(catalogue);
        this.streams = streams;
    }

    /**
     * Streams {@code progress} while the context is counted, then the {@code bench}, then {@code complete}.
     *
     * @param wear the outfit so far, each piece as {@code slot=id}
     */
    @GetMapping(path = "/bench", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "bench", data = BenchView.class)
    SseEmitter bench(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule,
            @RequestParam(defaultValue = "") List<String> wear) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, null, daring).within(capsule));
        Outfit there = outfit(wear, question);
        return streams.open((progress, events) ->
                events.send("bench", BenchView.of(bench.read(question.toCount(), there, progress))));
    }

    /**
     * Streams {@code progress} while a context is prepared for questions about outfits, then {@code complete};
     * subsequent calls answer at once. Without it they work but take as long the first time.
     *
     * @param counting as in the subsequent call
     * @param containing pieces of the subsequent call
     */
    @GetMapping(path = "/prepared", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter prepare(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule,
            @RequestParam(defaultValue = "") List<String> containing) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, counting, daring).within(capsule));
        List<PieceId> pieces = NamedPieces.read("/containing", containing, question.wardrobe());
        return streams.open(
                (progress, events) -> queries.prepare(question.toCount().containing(pieces), progress));
    }

    /** Reads an outfit, each piece as {@code slot=id}. */
    private static Outfit outfit(List<String> wear, Question question) {
        Node node = Node.at("/wear", List.of(slots(wear)));
        List<Outfit> outfits = QuestionReader.outfits(node, question.wardrobe());
        node.finish();
        return outfits.get(0);
    }

    /**
     * A base with finishing pieces for a register.
     *
     * @param slots the base with its finishing pieces
     * @param finishing the pieces that were added
     * @param metals visible metals; one if they agree
     * @param statement the statement piece; omitted if there is none
     * @param reasons credits of the finishing pieces
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record RegisterView(
            String register,
            Map<String, Object> slots,
            List<String> finishing,
            List<String> metals,
            String statement,
            String verdict,
            int formality,
            List<String> reasons,
            String figure) {}

    /** A base finished for day, evening and weekend. */
    @GetMapping("/registers")
    List<RegisterView> registers(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String capsule,
            @RequestParam(defaultValue = "") List<String> wear) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, null, false).within(capsule));
        Outfit base = outfit(wear, question);
        JudgementContext context =
                BestJudgement.of(Judge.of(catalogue, question.contexts()), base).context();
        return registers.of(base, question.wardrobe().pieces(), context).stream()
                .map(one -> view(one, context))
                .toList();
    }

    private static RegisterView view(Registers.Dressed dressed, JudgementContext context) {
        Map<Slot, List<PieceId>> slots = new LinkedHashMap<>();
        Map<PieceId, String> labels = new HashMap<>();
        dressed.judgement().outfit().worn().forEach(worn -> {
            slots.put(worn.slot(), worn.pieces().stream().map(Piece::id).toList());
            worn.pieces().forEach(piece -> labels.put(piece.id(), piece.label()));
        });
        return new RegisterView(
                dressed.register().id(),
                CombinationsView.slots(slots),
                dressed.finishing().values().stream()
                        .flatMap(pieces ->
                                pieces.stream().map(piece -> piece.id().value()))
                        .toList(),
                dressed.metals().stream().map(Metal::id).toList(),
                dressed.statement().map(piece -> piece.id().value()).orElse(null),
                dressed.judgement().verdict().id(),
                dressed.judgement().summary().formality(),
                dressed.reasons().stream()
                        .map(reason -> FindingTexts.text(reason, labels::get))
                        .toList(),
                Figure.of(dressed.judgement().outfit(), context.brief().heights(), true));
    }

    /**
     * An outfit the client has not worn yet, drawn at random from those that work, optionally with given pieces; the
     * best of a few draws. Empty when there is none.
     */
    @GetMapping("/surprise")
    SurpriseView surprise(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule,
            @RequestParam(defaultValue = "") List<String> containing) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, null, daring).within(capsule));
        List<PieceId> hero = NamedPieces.read("/containing", containing, question.wardrobe());
        List<Set<PieceId>> worn = question.wardrobe().wears().wears().stream()
                .map(wear -> Set.copyOf(wear.pieces()))
                .toList();
        return new SurpriseView(queries.surprise(
                        question.toCount().containing(hero),
                        outfit -> worn.stream()
                                .anyMatch(wear -> outfit.values().stream().allMatch(wear::containsAll)),
                        new Random(),
                        Deadline.in(seconds))
                .map(one -> CombinationsView.view(one, null))
                .orElse(null));
    }

    /** @param outfit null when nothing works */
    record SurpriseView(CombinationsView.OutfitView outfit) {}

    private static Map<String, Object> slots(List<String> wear) {
        Map<String, Object> slots = new LinkedHashMap<>();
        for (String one : wear) {
            int at = one.indexOf('=');
            String slot = one.substring(0, Math.max(0, at));
            slots.merge(slot, one.substring(at + 1), BenchController::both);
        }
        return slots;
    }

    private static Object both(Object before, Object more) {
        List<Object> ids = new ArrayList<>(before instanceof List<?> several ? several : List.of(before));
        ids.add(more);
        return ids;
    }
}
