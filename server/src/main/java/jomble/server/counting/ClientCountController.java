package jomble.server.counting;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import jomble.core.colour.ColourScheme;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.SlotPair;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.AskedSeason;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.document.NamedPieces;
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
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class ClientCountController {
    private static final int LARGEST_PAGE = 100;
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final ClientQuestions questions;
    private final LiveCounts live;
    private final Counter counter;
    private final SortedLists sortedLists;
    private final OutfitDrawings drawings;
    private final JsonMapper json;
    private final int seconds;

    ClientCountController(
            ClientQuestions questions,
            LiveCounts live,
            Counter counter,
            SortedLists sortedLists,
            OutfitDrawings drawings,
            JsonMapper json,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.live = live;
        this.counter = counter;
        this.sortedLists = sortedLists;
        this.drawings = drawings;
        this.json = json;
        this.seconds = seconds;
    }

    /**
     * Streams {@code progress} events, then {@code counts} without and {@code complete} with the figures of uncounted
     * pieces, or {@code refused} with the reason.
     *
     * @param capsule a saved capsule to stay within
     * @param rows slot whose pieces are the rows of the crossing table; {@code columns} likewise
     * @param whatIf hypothetical changes to the wardrobe in document form; nothing is saved
     */
    @GetMapping(path = "/counts", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "counts", data = CountsView.class)
    @StreamedEvent(name = "complete", data = CountsView.class)
    SseEmitter counts(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(defaultValue = "top") String rows,
            @RequestParam(defaultValue = "bottom") String columns,
            @RequestParam(required = false) String capsule,
            @RequestParam(required = false) String whatIf) {
        Chosen chosen = new Chosen(season, occasion, counting, daring).within(capsule);
        SlotPair across = across(rows, columns);
        if (whatIf != null) {
            return live.stream(asked(clientId, chosen, across, tree(whatIf)), List.of());
        }
        Function<Chosen, Question> asking = questions.asking(clientId);
        Question now = asking.apply(chosen);
        List<Supplier<LiveCounts.Asked>> next = new ArrayList<>();
        LikelyNext.oneSwitchFurther(now.wardrobe(), chosen)
                .forEach(one ->
                        next.add(() -> new LiveCounts.Asked(asking.apply(one).toCount(), across)));
        return live.stream(new LiveCounts.Asked(now.toCount(), across), next);
    }

    /**
     * Streams {@code progress} events, then the difference between the counts of this context and another as {@code
     * difference}.
     *
     * @param thenSeason the other context; {@code thenOccasion} and {@code thenDaring} likewise
     * @param whatIf hypothetical changes to the wardrobe in document form; nothing is saved
     */
    @GetMapping(path = "/counts/difference", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "difference", data = DifferenceView.class)
    SseEmitter difference(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String thenSeason,
            @RequestParam(required = false) String thenOccasion,
            @RequestParam(defaultValue = "false") boolean thenDaring,
            @RequestParam(required = false) String capsule,
            @RequestParam(required = false) String whatIf) {
        Chosen now = new Chosen(season, occasion, counting, daring).within(capsule);
        Chosen then = new Chosen(thenSeason, thenOccasion, counting, thenDaring).within(capsule);
        return live.streamDifference(
                asked(clientId, now, SlotPair.TOPS_AND_BOTTOMS, null),
                asked(clientId, then, SlotPair.TOPS_AND_BOTTOMS, tree(whatIf)));
    }

    /**
     * Streams the ladder as {@code step} events, smallest first, then the bases of the season's weakest month as one called {@code weakest}
     * and the fresh days of the client's week as one called {@code days}; then {@code complete}.
     */
    @GetMapping(path = "/counts/ladder", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "step", data = LiveCounts.StepView.class)
    SseEmitter ladder(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule) {
        Function<Chosen, Question> asking = questions.asking(clientId);
        Question question = asking.apply(new Chosen(season, occasion, null, daring).within(capsule));
        FreshDaysOfBrief freshDays = new FreshDaysOfBrief(counter);
        AskedSeason asked = AskedSeason.find(question.wardrobe().brief(), season);
        return live.streamLadder(
                question.toCount(),
                months(asked, asking, new Chosen(null, occasion, "bases", daring).within(capsule)),
                progress -> freshDays.of(question.wardrobe(), question.contexts(), progress));
    }

    /** A question in every month of a season. */
    private static List<LiveCounts.Month> months(AskedSeason season, Function<Chosen, Question> asking, Chosen chosen) {
        return season.months().stream()
                .map(month -> new LiveCounts.Month(
                        month, asking.apply(chosen.in(month)).toCount()))
                .toList();
    }

    /**
     * Streams the total of every season and occasion of the brief, each as a {@code cell}; then those of a season once more, with the
     * weakest of its months; then {@code complete}.
     */
    @GetMapping(path = "/counts/contexts", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "cell", data = LiveCounts.ContextCellView.class)
    SseEmitter contexts(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule) {
        Function<Chosen, Question> asking = questions.asking(clientId);
        Wardrobe wardrobe =
                asking.apply(new Chosen(null, null, counting, daring)).wardrobe();
        List<String> occasions = new ArrayList<>(List.of(""));
        wardrobe.brief().occasions().forEach(occasion -> occasions.add(occasion.name()));
        List<LiveCounts.Cell> cells = new ArrayList<>();
        for (AskedSeason season : AskedSeason.of(wardrobe.brief())) {
            for (String occasion : occasions) {
                Chosen chosen = new Chosen(season.id(), occasion, counting, daring).within(capsule);
                Question question = asking.apply(chosen);
                cells.add(new LiveCounts.Cell(
                        season.id(),
                        occasion,
                        new LiveCounts.Asked(question.toCount(), SlotPair.TOPS_AND_BOTTOMS),
                        months(season, asking, chosen)));
            }
        }
        return live.streamCells(cells);
    }

    private LiveCounts.Asked asked(UUID clientId, Chosen chosen, SlotPair across, Map<String, Object> whatIf) {
        return new LiveCounts.Asked(questions.ask(clientId, chosen, whatIf).toCount(), across);
    }

    private Map<String, Object> tree(String whatIf) {
        try {
            return whatIf == null ? null : json.readValue(whatIf, TREE);
        } catch (JacksonException e) {
            throw ProblemException.conflict("not-json", "What to try is expected in document form.");
        }
    }

    /** @param placed slot and id such as {@code jacket=p30} */
    private static Map<Slot, PieceId> places(List<String> placed, Wardrobe wardrobe) {
        Map<Slot, PieceId> places = new EnumMap<>(Slot.class);
        for (String place : placed == null ? List.<String>of() : placed) {
            int sign = place.indexOf('=');
            Optional<Slot> slot = Word.find(Slot.class, place.substring(0, Math.max(0, sign)));
            List<PieceId> id = NamedPieces.read("/placed", List.of(place.substring(sign + 1)), wardrobe);
            places.put(slot.orElseThrow(() -> ProblemException.notFound("The place in " + place)), id.get(0));
        }
        return places;
    }

    private static Structure structure(String id) {
        return id == null
                ? null
                : Word.find(Structure.class, id).orElseThrow(() -> ProblemException.notFound("The structure " + id));
    }

    private static SlotPair across(String rows, String columns) {
        Node node = Node.at("/rows,columns", List.of(List.of(rows, columns)));
        List<SlotPair> pairs = QuestionReader.slotPairs(node);
        node.finish();
        return pairs.get(0);
    }

    private static ListOrder order(String order) {
        return Word.find(ListOrder.class, order).orElseThrow(() -> ProblemException.notFound("The order " + order));
    }

    /**
     * The list behind a number: outfits of the context, page by page.
     *
     * @param verdict {@code works}, with the daring ones after those where they are included; or {@code daring} for those alone
     * @param order {@code stable}, or {@code best}: best first and varied; of a longer list than can be sorted, an even selection;
     *     or {@code credits} or {@code scheme} for lists of up to 10,000
     * @param scheme only the outfits of one colour scheme; for lists of up to 10,000
     */
    @GetMapping("/outfits")
    CombinationsView outfits(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule,
            @RequestParam(required = false) List<String> containing,
            @RequestParam(required = false) List<String> placed,
            @RequestParam(required = false) String structure,
            @RequestParam(defaultValue = "works") String verdict,
            @RequestParam(defaultValue = "stable") String order,
            @RequestParam(required = false) String scheme,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "20") int limit) {
        boolean isOnlyDaring = isOnlyDaring(verdict);
        Question question =
                questions.ask(clientId, new Chosen(season, occasion, counting, daring || isOnlyDaring).within(capsule));
        List<PieceId> ids = NamedPieces.read("/containing", containing, question.wardrobe());
        CountQuestion asked = question.toCount()
                .containing(ids)
                .wearing(places(placed, question.wardrobe()))
                .built(structure(structure));
        int most = Math.max(1, Math.min(limit, LARGEST_PAGE));
        Deadline deadline = Deadline.in(seconds);
        long before = isOnlyDaring ? working(asked, deadline) : 0;
        int from = Math.max(0, offset);
        Function<Combination, String> figures = one -> drawings.figure(one, question.wardrobe());
        UnaryOperator<Combination> dressed =
                one -> asked.counted().has(Slot.COAT) ? one : drawings.underItsCoat(one, question.wardrobe());
        SortedLists.Part part = new SortedLists.Part(asked, before, order(order), scheme(scheme));
        if (part.isSorted()) {
            SortedLists.Sorted sorted = sortedLists.page(part, from, most, deadline);
            return CombinationsView.drawn(sorted.page().map(dressed), figures, sorted.listed());
        }
        return CombinationsView.drawn(
                counter.list(asked, before + from, most, deadline).after(before).map(dressed), figures, null);
    }

    private static ColourScheme scheme(String scheme) {
        return scheme == null
                ? null
                : ColourScheme.find(scheme).orElseThrow(() -> ProblemException.notFound("The colour scheme " + scheme));
    }

    /** Number of combinations before the daring ones. */
    private long working(CountQuestion asked, Deadline deadline) {
        return counter.list(asked.daring(false), 0, 0, deadline).total().longValueExact();
    }

    private static boolean isOnlyDaring(String verdict) {
        return Word.find(Verdict.class, verdict)
                        .filter(one -> one != Verdict.NO)
                        .orElseThrow(() -> ProblemException.notFound("A list of the verdict " + verdict))
                == Verdict.DARING;
    }
}
