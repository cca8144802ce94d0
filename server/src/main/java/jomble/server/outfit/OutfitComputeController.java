package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.counting.query.FormulaQueries;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.counting.query.VariedLooks;
import jomble.core.document.FormulaReader;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.formula.Formula;
import jomble.core.piece.Kinds;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.counting.CombinationsView;
import jomble.server.counting.Deadline;
import jomble.server.counting.Exact;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The stateless calls about variations of outfits. */
@RestController
@Requires(Right.COMPUTE)
@RequestMapping("/api/v1/compute")
class OutfitComputeController {
    private static final int USUAL_LOOKS = 10;
    private static final int USUAL_LONGEST = 4;
    private static final int LONGEST = 20;
    private static final int USUAL_PAGE = 50;
    private static final int LARGEST_PAGE = 500;

    private final OutfitQueries queries;
    private final FormulaQueries formulas;
    private final int seconds;

    OutfitComputeController(
            OutfitQueries queries, FormulaQueries formulas, @Value("${jomble.count-seconds}") int seconds) {
        this.queries = queries;
        this.formulas = formulas;
        this.seconds = seconds;
    }

    /**
     * The shortest sequences of edits to an outfit of the context.
     *
     * @param length number of edits in each; omitted when there is none within the limit
     * @param more whether there are further sequences of that length
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record PathsView(Integer length, List<List<OutfitChangeView>> paths, boolean more) {}

    record MissingView(String slot, String text) {}

    record FormulaView(Exact total, List<CombinationsView.OutfitView> outfits, List<MissingView> missing) {}

    /** Outfits with one piece that are as different as possible. */
    @PostMapping("/ways")
    WaysView ways(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "hero", "k"));
        Question question = QuestionReader.read(node);
        PieceId hero = QuestionReader.pieceId(node.field("hero"), question.wardrobe());
        Integer k = node.field("k").isNull()
                ? (Integer) USUAL_LOOKS
                : node.field("k").integer(1, VariedLooks.MOST);
        node.finish();
        return WaysView.of(queries.ways(question.toCount(), hero, k, Deadline.in(seconds)), one -> null);
    }

    /** Every working outfit one edit away from another. */
    @PostMapping("/changes")
    ChangesView changes(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "outfit"));
        Question question = QuestionReader.read(node);
        Map<Slot, List<PieceId>> outfit = QuestionReader.outfit(node.field("outfit"), question.wardrobe());
        node.finish();
        return ChangesView.of(queries.neighbours(question.toCount(), outfit, Deadline.in(seconds)));
    }

    /** The fewest edits from an outfit to one of another context. */
    @PostMapping("/paths")
    PathsView paths(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "outfit", "carry", "longest"));
        Question question = QuestionReader.read(node);
        Map<Slot, List<PieceId>> outfit = QuestionReader.outfit(node.field("outfit"), question.wardrobe());
        Node carry = node.field("carry");
        Node most = node.field("longest");
        boolean carried = !carry.isNull() && Boolean.TRUE.equals(carry.bool());
        Integer longest = most.isNull() ? (Integer) USUAL_LONGEST : most.integer(0, LONGEST);
        node.finish();
        OutfitQueries.Paths paths = queries.paths(question.toCount(), outfit, carried, longest, Deadline.in(seconds));
        return new PathsView(
                paths.length(),
                paths.paths().stream()
                        .map(path -> path.stream()
                                .map(change -> OutfitChangeView.of(change, null))
                                .toList())
                        .toList(),
                paths.more());
    }

    /** Outfits that match a formula, counted and listed, or why there are none. */
    @PostMapping("/formula")
    FormulaView formula(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "formula", "offset", "limit"));
        Question question = QuestionReader.read(node);
        Optional<Formula> formula = FormulaReader.read(
                node.field("formula"), Kinds.shipped().with(question.wardrobe().kinds()));
        Node offset = node.field("offset");
        Node limit = node.field("limit");
        Integer from = offset.isNull() ? (Integer) 0 : offset.integer(0, Integer.MAX_VALUE);
        Integer most = limit.isNull() ? (Integer) USUAL_PAGE : limit.integer(1, LARGEST_PAGE);
        node.finish();
        FormulaQueries.Matches matches =
                formulas.matches(question.toCount(), formula.orElseThrow(), from, most, Deadline.in(seconds));
        return new FormulaView(
                Exact.of(matches.total()),
                matches.outfits().stream()
                        .map(one -> CombinationsView.view(one, null))
                        .toList(),
                matches.missing().stream()
                        .map(one -> new MissingView(one.slot().id(), one.text()))
                        .toList());
    }
}
