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
import jomble.server.client.WardrobeParts;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A client's saved formulas. */
@RestController
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
            formulas.add(saved);
            return checked(formulas, saved);
        });
        return FormulaItemView.of(saved.id(), saved.name(), formula, null, null);
    }

    /**
     * Changes the given {@code name} and {@code slots}; with {@code seen}, only if the slots are still as the caller
     * saw them.
     */
    @PatchMapping("/{id}")
    FormulaItemView change(
            @PathVariable UUID clientId, @PathVariable String id, @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("name", "slots", "seen"));
        String name = request.containsKey("name") ? SavedFields.name(node.field("name")) : null;
        Formula formula = request.containsKey("slots") ? formula(node.field("slots")) : null;
        Formula seen = request.containsKey("seen") ? formula(node.field("seen")) : null;
        node.finish();
        SavedFormula[] changed = new SavedFormula[1];
        parts.change(clientId, Ids.next(), Parts.FORMULAS, now -> {
            List<SavedFormula> formulas = new ArrayList<>(now);
            SavedFormula before = find(formulas, id);
            if (seen != null && !seen.equals(before.formula())) {
                throw ProblemException.stale();
            }
            changed[0] = new SavedFormula(
                    id, name == null ? before.name() : name.strip(), formula == null ? before.formula() : formula);
            formulas.set(formulas.indexOf(before), changed[0]);
            return checked(formulas, changed[0]);
        });
        return FormulaItemView.of(id, changed[0].name(), changed[0].formula(), null, null);
    }

    /** Deletes a formula; undo brings it back. */
    @DeleteMapping("/{id}")
    void delete(@PathVariable UUID clientId, @PathVariable String id) {
        parts.change(clientId, Ids.next(), Parts.FORMULAS, now -> {
            List<SavedFormula> formulas = new ArrayList<>(now);
            formulas.remove(find(formulas, id));
            return formulas;
        });
    }

    private static SavedFormula find(List<SavedFormula> formulas, String id) {
        return formulas.stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound("This formula"));
    }

    private static List<SavedFormula> checked(List<SavedFormula> formulas, SavedFormula one) {
        boolean isTaken =
                formulas.stream().anyMatch(other -> other != one && other.name().equalsIgnoreCase(one.name()));
        if (isTaken) {
            throw ProblemException.conflict("name-taken", "There is a formula called " + one.name() + " already.");
        }
        return formulas;
    }

    private Formula formula(Node slots) {
        return FormulaReader.ofSlots(slots, Kinds.shipped().with(kinds.all().own()))
                .orElse(null);
    }
}
