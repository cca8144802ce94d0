package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.SavedFields;
import jomble.core.document.part.Shape;
import jomble.core.document.part.Values;
import jomble.core.formula.ColourRole;
import jomble.core.formula.Formula;
import jomble.core.formula.SavedFormula;
import jomble.core.piece.Family;
import jomble.core.piece.Fit;
import jomble.core.piece.Pattern;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/**
 * Saved formulas: {@code {"id": "f1", "name": "Knit and wide trousers", "slots": {}}}. A studio's own kinds are not
 * checked.
 */
final class SavedFormulaPart extends EntryPart<SavedFormula> {
    private static final int MOST_SAVED = 200;
    private static final Map<String, Object> FORMALITY = Map.of("type", "integer", "minimum", 1, "maximum", 7);

    SavedFormulaPart() {
        super("formulas", "formula", MOST_SAVED, SavedFormula::id);
    }

    @Override
    public String title(SavedFormula formula) {
        return formula.name();
    }

    @Override
    protected SavedFormula readEntry(Node item) {
        item.fields(List.of("id", "name", "slots"));
        String id = item.field("id").text(1, 64);
        String name = SavedFields.name(item.field("name"));
        Optional<Formula> formula = FormulaReader.ofSlots(item.field("slots"), null);
        return id == null || name == null || formula.isEmpty() ? null : new SavedFormula(id, name, formula.get());
    }

    @Override
    public Map<String, Object> writeEntry(SavedFormula saved) {
        return Values.tree("id", saved.id(), "name", saved.name(), "slots", FormulaReader.write(saved.formula()));
    }

    @Override
    protected Map<String, Object> entrySchema() {
        Map<String, Object> asked = new LinkedHashMap<>();
        asked.put("kinds", Shape.list(Shape.ID));
        asked.put("families", words(Word.ids(Family.class)));
        asked.put("fits", words(Word.ids(Fit.class)));
        asked.put("patterns", words(Word.ids(Pattern.class)));
        asked.put("colours", words(FormulaReader.colours()));
        asked.put("colourRoles", words(Word.ids(ColourRole.class)));
        asked.put("formalityLow", FORMALITY);
        asked.put("formalityHigh", FORMALITY);
        return Shape.object(
                List.of("id", "name", "slots"),
                Map.of("id", Shape.ID, "name", Shape.NAME, "slots", SlotSchema.of(Shape.object(List.of(), asked))));
    }

    private static Map<String, Object> words(List<String> words) {
        return Shape.list(Map.of("enum", words));
    }
}
