package jomble.server.counting;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import jomble.core.brief.Brief;
import jomble.core.brief.Needs;
import jomble.core.brief.Occasion;
import jomble.core.climate.ClimateMonth;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.document.Limit;
import jomble.core.document.OccasionReader;
import jomble.core.document.Question;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Attribute;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.drawing.OutfitDrawings;
import jomble.server.judgement.BestJudgement;
import jomble.server.judgement.JudgementView;
import jomble.server.judgement.JudgementView.FindingView;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** How each limit in a brief affects the wardrobe, and whether the wardrobe meets the client's needs. */
@RestController
@RequestMapping("/api/v1/clients/{clientId}")
class BriefCountController {
    private static final String BASES = "bases";
    private static final String BASES_AND_SHOES = "top,bottom,onepiece,drape,underskirt,shoes";
    private static final String CLOTHES = "clothes";
    private static final String OUTFITS = "outfits";
    /** The field of a brief that matters only with weather. */
    private static final String WARMTH = "/pmvOffset";

    private static final int TRIED = 3;
    /** Number of the best outfits for any occasion that are tried for this one. */
    private static final int LOOKED_AT = 200;

    private final ClientQuestions questions;
    private final LiveCounts live;
    private final EventStreams streams;
    private final SortedLists sortedLists;
    private final RuleCatalogue catalogue;
    private final OutfitDrawings drawings;
    private final int seconds;

    BriefCountController(
            ClientQuestions questions,
            LiveCounts live,
            EventStreams streams,
            SortedLists sortedLists,
            RuleCatalogue catalogue,
            OutfitDrawings drawings,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.live = live;
        this.streams = streams;
        this.sortedLists = sortedLists;
        this.catalogue = catalogue;
        this.drawings = drawings;
        this.seconds = seconds;
    }

    /**
     * One cell of the table of needs.
     *
     * @param need number of different outfits wanted before one repeats
     * @param set whether the stylist set it; otherwise it follows from how often the occasion comes
     * @param have number of bases that can be worn in the weakest month, with layers or without; null when the climate
     *     is unknown
     * @param month the weakest month, null when the climate is unknown
     */
    record NeedView(
            String occasion,
            String season,
            int need,
            boolean set,
            @Schema(nullable = true) Exact have,
            @Schema(nullable = true) Integer month) {}

    /**
     * The effect of one limit.
     *
     * @param pointer its place in the brief
     * @param occasion the occasion it concerns, or null
     * @param month the month it is counted in, with layers; null for bases without weather
     * @param before number of bases without it
     * @param after number of bases with it
     * @param out ids of pieces that are in no outfit because of it
     * @param fewer ids of pieces that are in fewer
     * @param more ids of pieces that are in more
     * @param lowestHeelCm the lowest heel that a limit to heels would have to allow when it leaves nothing, else null
     * @param missing what a first outfit lacks, when there is none
     */
    record LimitView(
            String pointer,
            @Schema(nullable = true) String occasion,
            @Schema(nullable = true) Integer month,
            Exact before,
            Exact after,
            List<String> out,
            List<String> fewer,
            List<String> more,
            @Schema(nullable = true) Double lowestHeelCm,
            List<String> missing) {}

    /** Streams the need for every occasion in every season, each as a {@code need}; then {@code complete}. */
    @GetMapping(path = "/counts/needs", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "need", data = NeedView.class)
    SseEmitter needs(@PathVariable UUID clientId) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        Function<Chosen, Question> asking = questions.asking(wardrobe);
        List<Function<Progress, Object>> needs = new ArrayList<>();
        for (Needs.Wanted wanted : Needs.of(wardrobe.brief())) {
            boolean isKnown = wardrobe.brief().knows(wanted.season());
            needs.add(progress -> need(wanted, isKnown ? asking : null, progress));
        }
        return streams.openEach("need", needs);
    }

    /** @param asking null when the climate is unknown */
    private NeedView need(Needs.Wanted wanted, Function<Chosen, Question> asking, Progress progress) {
        Occasion occasion = wanted.occasion();
        BigInteger fewest = null;
        Integer weakest = null;
        for (int month : asking == null ? List.<Integer>of() : wanted.season().months()) {
            if (occasion.months().isEmpty() || occasion.months().contains(month)) {
                Chosen chosen = new Chosen(null, month, occasion.name(), BASES, false);
                BigInteger bases = live.bases(asking.apply(chosen).toCount(), progress);
                if (fewest == null || bases.compareTo(fewest) < 0) {
                    fewest = bases;
                    weakest = month;
                }
            }
        }
        return new NeedView(
                occasion.name(),
                wanted.season().name(),
                wanted.outfits(),
                wanted.isSet(),
                fewest == null ? null : Exact.of(fewest),
                weakest);
    }

    /** Streams the effect of every limit of the brief, each as a {@code limit}; then {@code complete}. */
    @GetMapping(path = "/counts/limits", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "limit", data = LimitView.class)
    SseEmitter limits(@PathVariable UUID clientId) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        return streams.openEach(
                "limit",
                questions.limits(clientId).stream()
                        .<Function<Progress, Object>>map(limit -> progress -> limit(limit, wardrobe, progress))
                        .toList());
    }

    private LimitView limit(Limit limit, Wardrobe wardrobe, Progress progress) {
        Integer month = limit.pointer().equals(WARMTH) ? hardestMonth(wardrobe.brief()) : null;
        Chosen withShoes = new Chosen(null, month, limit.occasion(), month == null ? BASES_AND_SHOES : OUTFITS, false);
        Chosen without = new Chosen(null, month, limit.occasion(), month == null ? BASES : CLOTHES, false);
        Counts before = counts(limit.without(), withShoes, progress);
        Counts after = counts(wardrobe, withShoes, progress);
        List<String> out = new ArrayList<>();
        List<String> fewer = new ArrayList<>();
        List<String> more = new ArrayList<>();
        Set<PieceId> pieces = new LinkedHashSet<>(before.perPiece().keySet());
        pieces.addAll(after.perPiece().keySet());
        for (PieceId id : pieces) {
            BigInteger now = after.perPiece().getOrDefault(id, BigInteger.ZERO);
            int change = now.compareTo(before.perPiece().getOrDefault(id, BigInteger.ZERO));
            if (change != 0) {
                (change > 0 ? more : now.signum() == 0 ? out : fewer).add(id.value());
            }
        }
        return new LimitView(
                limit.pointer(),
                limit.occasion(),
                month,
                Exact.of(total(limit.without(), without, progress)),
                Exact.of(total(wardrobe, without, progress)),
                out,
                fewer,
                more,
                after.total().signum() == 0 ? lowestHeel(limit, before) : null,
                after.missing().stream().map(Slot::words).toList());
    }

    /** The lowest heel, in cm, of any outfit without the limit; null for other limits. */
    private static Double lowestHeel(Limit limit, Counts without) {
        if (!limit.pointer().endsWith("/maxHeelCm")) {
            return null;
        }
        return limit.without().pieces().stream()
                .filter(piece -> without.perPiece()
                                .getOrDefault(piece.id(), BigInteger.ZERO)
                                .signum()
                        > 0)
                .map(piece -> piece.get(Attribute.HEEL_CM))
                .filter(Objects::nonNull)
                .min(Comparator.naturalOrder())
                .orElse(null);
    }

    /** The month in which feeling the cold or the heat matters most; null when the climate is unknown. */
    private static Integer hardestMonth(Brief brief) {
        Comparator<ClimateMonth> byMean = Comparator.comparingDouble(month -> month.lowC() + month.highC());
        return brief.climate().stream()
                .min(brief.pmvOffset() < 0 ? byMean : byMean.reversed())
                .map(ClimateMonth::month)
                .orElse(null);
    }

    private Counts counts(Wardrobe wardrobe, Chosen chosen, Progress progress) {
        return live.counts(questions.asking(wardrobe).apply(chosen).toCount(), progress);
    }

    private BigInteger total(Wardrobe wardrobe, Chosen chosen, Progress progress) {
        return live.totals(questions.asking(wardrobe).apply(chosen).toCount(), progress)
                .total();
    }

    /**
     * An occasion to be tried before it is saved.
     *
     * @param occasion in document form
     * @param season one of the client's, or null for no weather
     */
    record Trial(@NotNull Map<String, Object> occasion, String season) {}

    /** @param outfit with its drawing; {@code findings} say why it fails and are empty when it passes */
    record TriedView(Map<String, Object> slots, String figure, List<FindingView> findings) {}

    record TrialView(Exact total, List<TriedView> pass, List<TriedView> fail) {}

    /** Tries an occasion before it is added to the brief: outfits that pass and some that just fail. */
    @PostMapping("/occasion-trial")
    TrialView trial(@PathVariable UUID clientId, @Valid @RequestBody Trial trial) {
        Node node = Node.at("/occasion", trial.occasion());
        Occasion occasion = OccasionReader.read(node);
        node.finish();
        Wardrobe wardrobe = questions.wardrobe(clientId);
        Deadline deadline = Deadline.in(seconds);
        Wardrobe trying = wardrobe.briefed(wardrobe.brief().dressingFor(List.of(occasion)));
        Function<Chosen, Question> asking = questions.asking(trying);
        Question at = asking.apply(new Chosen(trial.season(), occasion.name(), CLOTHES, false));
        Question anywhere = asking.apply(new Chosen(trial.season(), null, CLOTHES, false));
        SortedLists.Sorted passing = sortedLists.page(at.toCount(), ListOrder.BEST, 0, 0, TRIED, deadline);
        List<Judge> judges = at.contexts().stream()
                .map(context -> new Judge(catalogue, context))
                .toList();
        List<Judged> failing =
                sortedLists
                        .page(anywhere.toCount(), ListOrder.BEST, 0, 0, LOOKED_AT, deadline)
                        .page()
                        .combinations()
                        .stream()
                        .map(one -> judged(one, judges, trying))
                        .filter(one -> one.judgement.verdict() != Verdict.WORKS)
                        .sorted(Comparator.comparing(one -> one.judgement, Judgement.BETTER))
                        .toList();
        return new TrialView(
                Exact.of(passing.page().total()),
                passing.page().combinations().stream()
                        .map(one -> tried(judged(one, judges, trying), trying, true))
                        .toList(),
                forDifferentReasons(failing).stream()
                        .limit(TRIED)
                        .map(one -> tried(one, trying, false))
                        .toList());
    }

    /** The first outfit that fails by each rule, then the others. */
    private static List<Judged> forDifferentReasons(List<Judged> failing) {
        Map<String, Judged> byRule = new LinkedHashMap<>();
        failing.forEach(
                one -> byRule.putIfAbsent(one.judgement.findings().get(0).rule(), one));
        return Stream.concat(byRule.values().stream(), failing.stream().filter(one -> !byRule.containsValue(one)))
                .toList();
    }

    /** A combination judged for the occasion. */
    private record Judged(Combination combination, Judgement judgement, JudgementContext context) {}

    private static Judged judged(Combination combination, List<Judge> judges, Wardrobe wardrobe) {
        BestJudgement best = BestJudgement.of(judges, OutfitDrawings.outfit(combination, wardrobe));
        return new Judged(combination, best.judgement(), best.context());
    }

    private TriedView tried(Judged judged, Wardrobe wardrobe, boolean passes) {
        List<FindingView> findings = JudgementView.of(judged.judgement, judged.context).findings().stream()
                .filter(finding -> !passes && !finding.kind().equals(FindingKind.CREDIT.id()))
                .toList();
        return new TriedView(
                CombinationsView.of(new CombinationPage(BigInteger.ONE, List.of(judged.combination)))
                        .outfits()
                        .get(0)
                        .slots(),
                drawings.figure(judged.combination, wardrobe),
                findings);
    }
}
