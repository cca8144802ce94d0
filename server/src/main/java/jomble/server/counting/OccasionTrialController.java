package jomble.server.counting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigInteger;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import jomble.core.brief.Occasion;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.document.OccasionReader;
import jomble.core.document.Parts;
import jomble.core.document.Question;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.drawing.OutfitDrawings;
import jomble.server.judgement.BestJudgement;
import jomble.server.judgement.JudgementView;
import jomble.server.judgement.JudgementView.FindingView;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tries an occasion on a wardrobe before it is added to the brief. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class OccasionTrialController {
    private static final String CLOTHES = "clothes";
    private static final int TRIED = 3;
    /** Number of the best outfits for any occasion that are tried for this one. */
    private static final int LOOKED_AT = 200;

    private final ClientQuestions questions;
    private final SortedLists sortedLists;
    private final RuleCatalogue catalogue;
    private final OutfitDrawings drawings;
    private final int seconds;

    OccasionTrialController(
            ClientQuestions questions,
            SortedLists sortedLists,
            RuleCatalogue catalogue,
            OutfitDrawings drawings,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.sortedLists = sortedLists;
        this.catalogue = catalogue;
        this.drawings = drawings;
        this.seconds = seconds;
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
        Wardrobe trying = wardrobe.with(Parts.BRIEF, wardrobe.brief().dressingFor(List.of(occasion)));
        Function<Chosen, Question> asking = questions.asking(trying);
        Question at = asking.apply(new Chosen(trial.season(), occasion.name(), CLOTHES, false));
        Question anywhere = asking.apply(new Chosen(trial.season(), null, CLOTHES, false));
        SortedLists.Sorted passing = sortedLists.page(best(at), 0, TRIED, deadline);
        List<Judge> judges = Judge.of(catalogue, at.contexts());
        List<Judged> failing = sortedLists.page(best(anywhere), 0, LOOKED_AT, deadline).page().combinations().stream()
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

    private static boolean isFault(FindingView finding) {
        return !Set.of(FindingKind.CREDIT.id(), FindingKind.NOTE.id()).contains(finding.kind());
    }

    private TriedView tried(Judged judged, Wardrobe wardrobe, boolean passes) {
        List<FindingView> findings =
                JudgementView.of(judged.judgement, judged.context, null, List.of()).findings().stream()
                        .filter(finding -> !passes && isFault(finding))
                        .toList();
        return new TriedView(
                CombinationsView.of(new CombinationPage(BigInteger.ONE, List.of(judged.combination)))
                        .outfits()
                        .get(0)
                        .slots(),
                drawings.figure(judged.combination, wardrobe),
                findings);
    }

    private static SortedLists.Part best(Question question) {
        return new SortedLists.Part(question.toCount(), 0, ListOrder.BEST, null);
    }
}
