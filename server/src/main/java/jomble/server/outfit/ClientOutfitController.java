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
import jomble.server.counting.Deadline;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.document.NamedPieces;
import jomble.server.drawing.OutfitDrawings;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Outfits of a client's own wardrobe, varied. */
@RestController
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
     * Drawn looks with one piece that differ as much as can be.
     *
     * @param hero id of the piece
     * @param k 1..20 looks
     * @param counting preset of the slots in which they are to differ, or slots with commas between them; null for outfits
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
     * A whole outfit, and the context it is asked about in; every slot is counted.
     *
     * @param slots from slot to id of a piece, or to ids for a set of jewellery
     * @param carry whether only what fits a bag may be changed or put on, and layers taken off
     * @param beyond how many more edits than the shortest ways to another context are listed; 0..2, null for none
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

    /** A piece worn in another way than is best. */
    record FinishChangeView(String piece, String slot, List<String> finish, String verdict) {}

    /** How the pieces of an outfit could be worn otherwise, where that works as well. */
    private List<FinishChangeView> otherFinishes(Map<Slot, List<PieceId>> pieces, Question question) {
        Outfit outfit = OutfitDrawings.outfit(pieces, question.wardrobe());
        List<Judge> judges = question.contexts().stream()
                .map(context -> new Judge(catalogue, context))
                .toList();
        Outfit best = judges.get(0).best(outfit).outfit();
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

    /** Every outfit one change away from one: another piece in any slot, or a piece worn otherwise. */
    @PostMapping("/changes")
    DrawnChanges changes(@PathVariable UUID clientId, @RequestBody OutfitAsked asked) {
        Question question = questions.ask(clientId, asked.chosen());
        Map<Slot, List<PieceId>> outfit = outfit(asked, question);
        ChangesView changes = ChangesView.of(queries.neighbours(everySlot(question), outfit, Deadline.in(seconds)));
        return new DrawnChanges(changes.changes(), otherFinishes(outfit, question));
    }

    /**
     * The shortest ways from an outfit to one of another context.
     *
     * @param length edits of each; null where there is none of at most {@value #LONGEST}
     * @param more whether there are more of that length
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record DrawnPaths(Integer length, List<DrawnPath> paths, boolean more) {}

    /** @param figures the drawing after each of the edits, with what it changed marked */
    record DrawnPath(List<OutfitChangeView> edits, List<String> figures) {}

    /** The context is the one to get to. */
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

    /** A coat is drawn where it is one of the changes. */
    private DrawnPath drawn(List<OutfitChange> path, Question question) {
        boolean coatOn = path.stream().anyMatch(edit -> edit.slot() == Slot.COAT);
        return new DrawnPath(
                path.stream().map(edit -> OutfitChangeView.of(edit, null)).toList(),
                path.stream()
                        .map(edit -> drawings.figure(edit.outfit(), question, coatOn, edit.slot()))
                        .toList());
    }

    /** Every slot is counted, and judged as in a list of outfits: what is left off is not asked for. */
    private static CountQuestion everySlot(Question question) {
        return question.toCount().counting(CountedSlots.LOOKS);
    }

    private static Map<Slot, List<PieceId>> outfit(OutfitAsked asked, Question question) {
        Node node = Node.at("/slots", asked.slots());
        Map<Slot, List<PieceId>> outfit = QuestionReader.outfit(node, question.wardrobe());
        node.finish();
        return outfit;
    }
}
