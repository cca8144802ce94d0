package jomble.server.outfit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.document.FormulaReader;
import jomble.core.document.Parts;
import jomble.core.document.part.SavedFields;
import jomble.core.formula.Formula;
import jomble.core.formula.SavedFormula;
import jomble.core.piece.Kinds;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.client.WardrobeParts.Kept;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.IfMatch;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A client's saved formulas. */
@RestController
@Requires(Right.CHANGE_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/formulas")
class SavedFormulaController {
    private static final int MOST = 100;

    private final WardrobeParts parts;
    private final KindService kinds;

    SavedFormulaController(WardrobeParts parts, KindService kinds) {
        this.parts = parts;
        this.kinds = kinds;
    }

    /** Saves a formula: its {@code name} and {@code slots}. */
    @PostMapping
    FormulaItemView save(@PathVariable UUID clientId, @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("name", "slots"));
        String name = SavedFields.name(node.field("name"));
        Formula formula = formula(node.field("slots"));
        node.finish();
        SavedFormula saved = new SavedFormula(Ids.next().toString(), name.strip(), formula);
        parts.change(clientId, Ids.next(), Parts.FORMULAS, now -> {
            if (now.size() >= MOST) {
                throw ProblemException.conflict("too-many", "A client has " + MOST + " formulas at most.");
            }
            List<SavedFormula> formulas = new ArrayList<>(now);
            formulas.add(checked(now, saved));
            return formulas;
        });
        return FormulaItemView.of(
                saved, parts.versions(clientId, Parts.FORMULAS).get(saved.id()));
    }

    /**
     * Changes the given {@code name} and {@code slots}, if the formula is still as in If-Match.
     */
    @PatchMapping("/{id}")
    FormulaItemView change(
            @PathVariable UUID clientId,
            @PathVariable String id,
            @IfMatch long seen,
            @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("name", "slots", "seen"));
        String name = request.containsKey("name") ? SavedFields.name(node.field("name")) : null;
        Formula formula = request.containsKey("slots") ? formula(node.field("slots")) : null;
        Formula seenSlots = request.containsKey("seen") ? formula(node.field("seen")) : null;
        node.finish();
        Kept<SavedFormula> changed = parts.changeAmong(clientId, Parts.FORMULAS, id, seen, (now, before) -> {
            if (seenSlots != null && !seenSlots.equals(before.formula())) {
                throw ProblemException.stale();
            }
            return checked(
                    now,
                    new SavedFormula(
                            id,
                            name == null ? before.name() : name.strip(),
                            formula == null ? before.formula() : formula));
        });
        return FormulaItemView.of(changed.entry(), changed.version());
    }

    /** Deletes a formula, if it is still as in If-Match; undo brings it back. */
    @DeleteMapping("/{id}")
    void delete(@PathVariable UUID clientId, @PathVariable String id, @IfMatch long seen) {
        parts.deleteEntry(clientId, Parts.FORMULAS, id, seen);
    }

    /** @throws ProblemException when another formula has its name */
    private static SavedFormula checked(List<SavedFormula> formulas, SavedFormula one) {
        boolean isTaken = formulas.stream()
                .anyMatch(other -> !other.id().equals(one.id()) && other.name().equalsIgnoreCase(one.name()));
        if (isTaken) {
            throw ProblemException.conflict("name-taken", "There is a formula called " + one.name() + " already.");
        }
        return one;
    }

    private Formula formula(Node slots) {
        return FormulaReader.ofSlots(slots, Kinds.shipped().with(kinds.all().own()))
                .orElse(null);
    }
}
