package jomble.server.counting;

import java.util.List;
import java.util.Map;
import jomble.core.counting.AssumedCoats;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Ladder;
import jomble.core.counting.SlotPair;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WhatIf;
import jomble.core.document.WhatIfReader;
import jomble.core.piece.Kinds;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The stateless calls that count and list. */
@RestController
@Requires(Right.COMPUTE)
@RequestMapping("/api/v1/compute")
class CountController {
    private static final int USUAL_PAGE = 50;
    private static final int LARGEST_PAGE = 500;

    private final Counter counter;
    private final int seconds;

    CountController(Counter counter, @Value("${jomble.count-seconds}") int seconds) {
        this.counter = counter;
        this.seconds = seconds;
    }

    /** Counts the combinations of a wardrobe in a context exactly, with the figures requested. */
    @PostMapping("/count")
    CountsView count(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "pairs", "ladder", "freshDays"));
        Question question = QuestionReader.read(node);
        Node pairs = node.field("pairs");
        List<SlotPair> crossings =
                pairs.isNull() ? List.of(SlotPair.TOPS_AND_BOTTOMS) : QuestionReader.slotPairs(pairs);
        boolean ladder = isAsked(node.field("ladder"));
        boolean freshDays = isAsked(node.field("freshDays"));
        node.finish();
        Deadline deadline = Deadline.in(seconds);
        Counts counts = counter.count(question.toCount(), crossings, deadline);
        long millis = deadline.elapsedMillis();
        return CountsView.of(
                counts,
                AssumedCoats.of(counter, question.toCount(), counts.total(), deadline)
                        .orElse(null),
                millis,
                ladder ? Ladder.of(counter, question.toCount(), deadline) : null,
                freshDays ? freshDays(question, deadline) : null);
    }

    private static boolean isAsked(Node node) {
        return !node.isNull() && Boolean.TRUE.equals(node.bool());
    }

    /** For the occasions of the brief, in the weather of the question. */
    private Integer freshDays(Question question, Deadline deadline) {
        return new FreshDaysOfBrief(counter).of(question.wardrobe(), question.contexts(), deadline);
    }

    /** The difference in counts when a wardrobe is changed hypothetically. */
    @PostMapping("/what-if")
    DifferenceView whatIf(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "whatIf"));
        Question question = QuestionReader.read(node);
        Wardrobe wardrobe = question.wardrobe();
        WhatIf changes = WhatIfReader.read(
                node.field("whatIf"), wardrobe, Kinds.shipped().with(wardrobe.kinds()));
        node.finish();
        Node again = Node.root(request);
        Question then = QuestionReader.read(again, changes.of(wardrobe));
        again.finish();
        Deadline deadline = Deadline.in(seconds);
        CountQuestion asked = question.toCount();
        Counts before = counter.count(asked, List.of(), deadline);
        return DifferenceView.of(
                before,
                counter.without(asked, before, asked.leftOutBy(then.toCount()), deadline)
                        .orElseGet(() ->
                                CountDifference.between(before, counter.count(then.toCount(), List.of(), deadline))));
    }

    /** A page of the outfits behind a count, in the stable order. */
    @PostMapping("/outfits")
    CombinationsView outfits(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "containing", "offset", "limit"));
        Question question = QuestionReader.read(node);
        List<PieceId> containing = QuestionReader.pieceIds(node.field("containing"), question.wardrobe());
        Node offset = node.field("offset");
        Node limit = node.field("limit");
        Integer from = offset.isNull() ? (Integer) 0 : offset.integer(0, Integer.MAX_VALUE);
        Integer most = limit.isNull() ? (Integer) USUAL_PAGE : limit.integer(1, LARGEST_PAGE);
        node.finish();
        CombinationPage page =
                counter.list(question.toCount().containing(containing), from, most, Deadline.in(seconds));
        return CombinationsView.of(page);
    }
}
