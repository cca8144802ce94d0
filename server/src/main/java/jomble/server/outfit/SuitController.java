package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.document.Question;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.FindingTexts;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.tailoring.SuitSeparableRule;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.suit.NextSuit;
import jomble.core.suit.SuitGrid;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.counting.Deadline;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Breaking a client's suits, and the next one to buy. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class SuitController {
    private final ClientQuestions questions;
    private final RuleCatalogue catalogue;
    private final int seconds;

    SuitController(ClientQuestions questions, RuleCatalogue catalogue, @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.catalogue = catalogue;
        this.seconds = seconds;
    }

    /**
     * A jacket and a bottom, with or without a waistcoat.
     *
     * @param whole whether they are one suit
     * @param suits number of suits they come from; a single piece counts as one of its own
     * @param separability 0..10; omitted when no suit is broken between jacket and bottom
     * @param deltaE colour difference, ΔE00, to one decimal
     * @param kind of the reason
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record SuitCellView(
            String jacket,
            String waistcoat,
            String bottom,
            boolean whole,
            int suits,
            String verdict,
            Integer separability,
            double deltaE,
            String reason,
            String kind) {}

    /**
     * Up to which separability the parts of a broken suit are refused, and count heavily or a little against the
     * outfit; 0..10.
     */
    record SeparabilityLimits(int stop, int major, int minor) {}

    /** @param school how strictly suits are kept together */
    record SuitsView(
            String school,
            SeparabilityLimits limits,
            List<String> jackets,
            List<String> bottoms,
            List<String> waistcoats,
            List<SuitCellView> cells) {}

    /**
     * A suit to buy.
     *
     * @param withJacket number of bottoms its jacket would go with
     * @param withTrousers number of jackets its trousers would go with
     * @param otherwise by attribute, the number each other value would go with
     */
    record NextSuitView(
            Map<String, String> attributes,
            int withJacket,
            int withTrousers,
            Map<String, Map<String, Integer>> otherwise) {}

    /** Every tailored jacket with every tailored bottom: whether they go together, and why. */
    @GetMapping("/suits")
    SuitsView suits(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String capsule) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, null, false).within(capsule));
        SuitGrid.Grid grid = new SuitGrid(catalogue, question.contexts())
                .of(question.wardrobe().pieces());
        return new SuitsView(
                question.contexts().get(0).schools().of(SchoolSwitch.TAILORING),
                limits(question.contexts().get(0)),
                ids(grid.jackets()),
                ids(grid.bottoms()),
                ids(grid.waistcoats()),
                grid.cells().stream().map(cell -> view(cell, question)).toList());
    }

    /** The suits that would combine best with the wardrobe. */
    @GetMapping("/next-suit")
    List<NextSuitView> next(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String capsule) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, null, false).within(capsule));
        return new NextSuit(catalogue, question.contexts(), question.wardrobe().pieces())
                .best(Deadline.in(seconds)).stream()
                        .map(suit -> new NextSuitView(
                                suit.attributes(), suit.withJacket(), suit.withTrousers(), suit.otherwise()))
                        .toList();
    }

    private static SeparabilityLimits limits(JudgementContext context) {
        SuitSeparableRule rule = new SuitSeparableRule();
        return new SeparabilityLimits(
                (int) context.value(rule, SuitSeparableRule.STOP),
                (int) context.value(rule, SuitSeparableRule.MAJOR),
                (int) context.value(rule, SuitSeparableRule.MINOR));
    }

    private static List<String> ids(List<Piece> pieces) {
        return pieces.stream().map(piece -> piece.id().value()).toList();
    }

    private static SuitCellView view(SuitGrid.Cell cell, Question question) {
        boolean speaks = cell.reason() != null
                && (cell.verdict() != Verdict.WORKS || cell.reason().kind() != FindingKind.STOP);
        return new SuitCellView(
                cell.jacket().id().value(),
                cell.waistcoat() == null ? null : cell.waistcoat().id().value(),
                cell.bottom().id().value(),
                cell.whole(),
                cell.suits(),
                cell.verdict().id(),
                cell.separability(),
                Math.round(cell.deltaE() * 10) / 10.0,
                speaks ? FindingTexts.text(cell.reason(), id -> label(id, question)) : null,
                speaks ? cell.reason().kind().id() : null);
    }

    private static String label(PieceId id, Question question) {
        return question.wardrobe().find(id).map(Piece::label).orElse(id.value());
    }
}
