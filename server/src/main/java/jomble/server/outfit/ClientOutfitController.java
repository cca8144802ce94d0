package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.query.OutfitChange;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.counting.query.VariedLooks;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Judge;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.counting.Deadline;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.document.NamedPieces;
import jomble.server.drawing.OutfitDrawings;
import jomble.server.judgement.BestJudgement;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Variations of a client's outfits. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class ClientOutfitController {
    private static final int LONGEST = 4;
    private static final int MOST_DRAWN = 12;
    private static final int MOST_BEYOND = 2;

    private final ClientQuestions questions;
    private final OutfitQueries queries;
    private final OutfitDrawings drawings;
    private final RuleCatalogue catalogue;
    private final int seconds;

    ClientOutfitController(
            ClientQuestions questions,
            OutfitQueries queries,
            OutfitDrawings drawings,
            RuleCatalogue catalogue,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.queries = queries;
        this.drawings = drawings;
        this.catalogue = catalogue;
        this.seconds = seconds;
    }

    /**
     * Looks with one piece that are as different as possible, with drawings.
     *
     * @param hero id of the piece
     * @param k 1..20 looks
     * @param counting preset of the slots in which they differ, or slots separated by commas; null for outfits
     */
    @GetMapping("/ways")
    WaysView ways(
            @PathVariable UUID clientId,
            @RequestParam String hero,
            @RequestParam(defaultValue = "10") int k,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, counting, daring).within(capsule));
        PieceId piece =
                NamedPieces.read("/hero", List.of(hero), question.wardrobe()).get(0);
        int most = Math.max(1, Math.min(k, VariedLooks.MOST));
        OutfitQueries.Ways ways = queries.ways(question.toCount(), piece, most, Deadline.in(seconds));
        return WaysView.of(ways, one -> drawings.figure(one, question.wardrobe()));
    }

    /**
     * A whole outfit and its context; every slot is counted.
     *
     * @param slots from slot to the id of a piece, or to ids for a jewellery set
     * @param carry whether pieces may only be added or replaced if they fit in a bag; layers may be taken off
     * @param beyond number of edits beyond the shortest to list as well; 0..2, null for none
     */
    record OutfitAsked(
            String season,
            String occasion,
            boolean daring,
            String capsule,
            Map<String, Object> slots,
            boolean carry,
            Integer beyond) {
        Chosen chosen() {
            return new Chosen(season, occasion, null, daring).within(capsule);
        }
    }

    /**
     * Every outfit one change away.
     *
     * @param changes of one piece, in any slot
     * @param finishes of how one piece is worn
     */
    record DrawnChanges(List<OutfitChangeView> changes, List<FinishChangeView> finishes) {}

    /** A piece worn in another way than the best. */
    record FinishChangeView(String piece, String slot, List<String> finish, String verdict) {}

    /** Other ways to wear the pieces of an outfit that work as well. */
    private List<FinishChangeView> otherFinishes(Map<Slot, List<PieceId>> pieces, Question question) {
        Outfit outfit = OutfitDrawings.outfit(pieces, question.wardrobe());
        List<Judge> judges = Judge.of(catalogue, question.contexts());
        Outfit best = BestJudgement.of(judges, outfit).judgement().outfit();
        List<FinishChangeView> finishes = new ArrayList<>();
        for (Worn worn : best.worn()) {
            for (Worn way : Ways.of(worn)) {
                Verdict verdict = judges.stream()
                        .map(judge -> judge.best(outfit, Map.of(worn.piece().id(), way.finishes()))
                                .verdict())
                        .min(Verdict::compareTo)
                        .orElseThrow();
                boolean counts = verdict == Verdict.WORKS || verdict == Verdict.DARING && question.includeDaring();
                if (counts && !way.finishes().equals(worn.finishes())) {
                    finishes.add(new FinishChangeView(
                            worn.piece().id().value(),
                            worn.slot().id(),
                            way.finishes().stream().map(Finish::id).toList(),
                            verdict.id()));
                }
            }
        }
        return finishes;
    }

    /** Every outfit one change away: another piece in any slot, or a piece worn differently. */
    @PostMapping("/changes")
    DrawnChanges changes(@PathVariable UUID clientId, @RequestBody OutfitAsked asked) {
        Question question = questions.ask(clientId, asked.chosen());
        Map<Slot, List<PieceId>> outfit = outfit(asked, question);
        ChangesView changes = ChangesView.of(queries.neighbours(everySlot(question), outfit, Deadline.in(seconds)));
        return new DrawnChanges(changes.changes(), otherFinishes(outfit, question));
    }

    /**
     * The shortest sequences of edits from an outfit to one of another context.
     *
     * @param length number of edits in each; null when there is none of at most {@value #LONGEST}
     * @param more whether there are further sequences of that length
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record DrawnPaths(Integer length, List<DrawnPath> paths, boolean more) {}

    /** @param figures the drawing after each edit, with the change marked */
    record DrawnPath(List<OutfitChangeView> edits, List<String> figures) {}

    /** The shortest sequences of edits to an outfit of the given context. */
    @PostMapping("/paths")
    DrawnPaths paths(@PathVariable UUID clientId, @RequestBody OutfitAsked asked) {
        Question question = questions.ask(clientId, asked.chosen());
        OutfitQueries.Paths paths = queries.paths(
                everySlot(question),
                outfit(asked, question),
                asked.carry(),
                LONGEST,
                beyond(asked),
                Deadline.in(seconds));
        List<DrawnPath> drawn = paths.paths().stream()
                .limit(MOST_DRAWN)
                .map(path -> drawn(path, question))
                .toList();
        return new DrawnPaths(
                paths.length(), drawn, paths.more() || paths.paths().size() > drawn.size());
    }

    private static int beyond(OutfitAsked asked) {
        return asked.beyond() == null ? 0 : Math.max(0, Math.min(MOST_BEYOND, asked.beyond()));
    }

    /** A coat is drawn only if it is changed. */
    private DrawnPath drawn(List<OutfitChange> path, Question question) {
        boolean coatOn = path.stream().anyMatch(edit -> edit.slot() == Slot.COAT);
        return new DrawnPath(
                path.stream().map(edit -> OutfitChangeView.of(edit, null)).toList(),
                path.stream()
                        .map(edit -> drawings.figure(edit.outfit(), question, coatOn, edit.slot()))
                        .toList());
    }

    private static CountQuestion everySlot(Question question) {
        return question.toCount().counting(CountedSlots.EVERY_SLOT);
    }

    private static Map<Slot, List<PieceId>> outfit(OutfitAsked asked, Question question) {
        Node node = Node.at("/slots", asked.slots());
        Map<Slot, List<PieceId>> outfit = QuestionReader.outfit(node, question.wardrobe());
        node.finish();
        return outfit;
    }
}
