package jomble.server.outfit;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.building.MissingPiece;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.VariedOrder;
import jomble.core.counting.query.FormulaQueries;
import jomble.core.document.FormulaReader;
import jomble.core.document.Parts;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.StudioFormulas;
import jomble.core.document.Wardrobe;
import jomble.core.formula.Formula;
import jomble.core.formula.Formulas;
import jomble.core.formula.SavedFormula;
import jomble.core.outfit.WornSlots;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.counting.CombinationsView;
import jomble.server.counting.Deadline;
import jomble.server.counting.Exact;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.drawing.OutfitDrawings;
import jomble.server.kind.KindService;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Formulas of a client with their outfits, the formula of an outfit, and what a formula lacks. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/formulas")
class FormulaController {
    private static final int MOST_LIVED = 3;
    /** Number of outfits examined to show those never worn first; more when more are requested. */
    private static final int LOOKED_AT = 240;

    private static final int SHOWN = 24;
    private static final int MOST_SHOWN = 480;

    private final ClientQuestions questions;
    private final FormulaQueries queries;
    private final OutfitDrawings drawings;
    private final KindService kinds;
    private final WardrobeParts parts;
    private final int seconds;

    FormulaController(
            ClientQuestions questions,
            FormulaQueries queries,
            OutfitDrawings drawings,
            KindService kinds,
            WardrobeParts parts,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.queries = queries;
        this.drawings = drawings;
        this.kinds = kinds;
        this.parts = parts;
        this.seconds = seconds;
    }

    /**
     * All formulas of a client.
     *
     * @param lived found in what was worn and saved, most lived in first
     * @param outfits number of worn and saved outfits they were found in
     */
    record FormulasView(
            List<FormulaItemView> saved, List<FormulaItemView> studio, List<FormulaItemView> lived, int outfits) {}

    /**
     * The formulas of a client, the studio's, and those the client lives in, each with the number of its outfits in the
     * context.
     */
    @GetMapping
    FormulasView all(
            @PathVariable UUID clientId,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, null, daring).within(capsule));
        Map<String, Long> changes = parts.versions(clientId, Parts.FORMULAS);
        Deadline deadline = Deadline.in(seconds);
        List<Map<Slot, List<Piece>>> known = known(question.wardrobe());
        return new FormulasView(
                question.wardrobe().formulas().stream()
                        .map(one -> counted(one, changes.get(one.id()), question.toCount(), deadline))
                        .toList(),
                StudioFormulas.shipped().stream()
                        .map(one -> counted(one, null, question.toCount(), deadline))
                        .toList(),
                Formulas.livedIn(known, MOST_LIVED).stream()
                        .map(one -> FormulaItemView.of(one.formula(), one.times()))
                        .toList(),
                known.size());
    }

    private FormulaItemView counted(SavedFormula one, Long change, CountQuestion question, Deadline deadline) {
        return FormulaItemView.of(one, change, Exact.of(queries.count(question, one.formula(), deadline)));
    }

    /** Worn outfits, as often as they were worn, and saved ones; without those whose pieces have left the wardrobe. */
    private static List<Map<Slot, List<Piece>>> known(Wardrobe wardrobe) {
        Stream<List<PieceId>> worn = wardrobe.wears().wears().stream().map(wear -> wear.pieces());
        Stream<List<PieceId>> saved =
                wardrobe.outfits().stream().map(outfit -> outfit.now().pieces());
        return Stream.concat(worn, saved)
                .map(ids ->
                        ids.stream().flatMap(id -> wardrobe.find(id).stream()).toList())
                .flatMap(pieces -> WornSlots.of(pieces).stream())
                .toList();
    }

    /**
     * A question about a formula: the {@code context} on screen and its {@code slots}, or an {@code outfit} to derive
     * it from.
     *
     * @param most number of outfits to show, 1..{@value #MOST_SHOWN}; null for {@value #SHOWN}
     */
    record FormulaAsked(
            String season,
            String occasion,
            boolean daring,
            String capsule,
            Map<String, Object> slots,
            Map<String, Object> outfit,
            Integer most) {
        int shown() {
            return most == null ? SHOWN : Math.max(1, Math.min(MOST_SHOWN, most));
        }

        Chosen chosen() {
            return new Chosen(season, occasion, null, daring).within(capsule);
        }
    }

    /** The formula of an outfit, in which every piece is replaced by its kind. */
    @PostMapping("/of-outfit")
    FormulaItemView ofOutfit(@PathVariable UUID clientId, @RequestBody FormulaAsked asked) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        Node node = Node.at("/outfit", asked.outfit());
        Map<Slot, List<PieceId>> outfit = QuestionReader.outfit(node, wardrobe);
        if (outfit.isEmpty()) {
            node.reject("no-pieces", "at least one piece is expected here");
        }
        node.finish();
        Map<Slot, List<Piece>> pieces = new LinkedHashMap<>();
        outfit.forEach((slot, ids) -> pieces.put(
                slot, ids.stream().flatMap(id -> wardrobe.find(id).stream()).toList()));
        return FormulaItemView.of(Formulas.of(pieces), null);
    }

    /** @param slot the slot that would have to change */
    record MissingSlotView(String slot, String text) {}

    /** @param worn whether it was worn */
    record KeepingView(CombinationsView.OutfitView outfit, boolean worn) {}

    /**
     * The outfits that match a formula.
     *
     * @param outfits those never worn first, best first and varied; of a long list, {@value #LOOKED_AT} spread over it
     *     are examined, or as many as are shown
     * @param missing why there are none
     */
    record KeepingFormulaView(
            Exact total, List<KeepingView> outfits, List<MissingSlotView> missing, Map<String, String> words) {}

    /** The outfits that match a formula, or why there are none. */
    @PostMapping("/outfits")
    KeepingFormulaView outfits(@PathVariable UUID clientId, @RequestBody FormulaAsked asked) {
        Question question = questions.ask(clientId, asked.chosen());
        Formula formula = asked(asked);
        int lookedAt = Math.max(LOOKED_AT, asked.shown());
        FormulaQueries.Matches matches = queries.spread(question.toCount(), formula, lookedAt, Deadline.in(seconds));
        List<Set<PieceId>> wears = question.wardrobe().wears().wears().stream()
                .map(wear -> Set.copyOf(wear.pieces()))
                .toList();
        List<KeepingView> outfits = VariedOrder.of(matches.outfits()).stream()
                .sorted(Comparator.comparing((Combination one) -> isWorn(one, wears)))
                .limit(asked.shown())
                .map(one -> new KeepingView(
                        CombinationsView.view(one, drawings.figure(one, question.wardrobe())), isWorn(one, wears)))
                .toList();
        return new KeepingFormulaView(
                Exact.of(matches.total()),
                outfits,
                matches.missing().stream()
                        .map(one -> new MissingSlotView(one.slot().id(), one.text()))
                        .toList(),
                FormulaItemView.of(formula, null).words());
    }

    private static boolean isWorn(Combination one, List<Set<PieceId>> wears) {
        Set<PieceId> pieces =
                one.slots().values().stream().flatMap(List::stream).collect(Collectors.toSet());
        return wears.stream().anyMatch(wear -> wear.containsAll(pieces));
    }

    /** @param outfits number of outfits that would match with such a piece */
    record MissingPieceView(String slot, String kind, String colour, Exact outfits) {}

    /** Pieces that would make a formula possible that has no outfit. */
    @PostMapping("/missing-piece")
    List<MissingPieceView> missing(@PathVariable UUID clientId, @RequestBody FormulaAsked asked) {
        Question question = questions.ask(clientId, asked.chosen());
        Formula formula = asked(asked);
        Deadline deadline = Deadline.in(seconds);
        Set<Slot> slots = queries.matches(question.toCount(), formula, 0, 1, deadline).missing().stream()
                .map(FormulaQueries.Missing::slot)
                .collect(Collectors.toSet());
        return new MissingPiece(queries)
                .of(question.toCount().withoutCompletions(), formula, slots, deadline).stream()
                        .map(one -> new MissingPieceView(
                                one.slot().id(), one.piece().kind().words(), one.colour(), Exact.of(one.outfits())))
                        .toList();
    }

    private Formula asked(FormulaAsked asked) {
        Node node = Node.at("/slots", asked.slots());
        Formula formula = FormulaReader.ofSlots(
                        node, Kinds.shipped().with(kinds.all().own()))
                .orElse(null);
        node.finish();
        return formula;
    }
}
