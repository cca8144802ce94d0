package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.Map;
import jomble.core.document.FormulaReader;
import jomble.core.formula.Formula;
import jomble.core.formula.SavedFormula;
import jomble.server.counting.Exact;

/**
 * A formula.
 *
 * @param id omitted when it is not saved
 * @param change number of the change that wrote it, to be sent as If-Match; omitted when it is not a saved one of the client
 * @param slots in document form
 * @param words what each slot holds, in plain words
 * @param total number of outfits in the context that match; omitted when not counted
 * @param times number of worn or saved outfits that match; omitted when not requested
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record FormulaItemView(
        String id,
        Long change,
        String name,
        Map<String, Object> slots,
        Map<String, String> words,
        Exact total,
        Integer times) {
    /** A formula that is not saved. */
    static FormulaItemView of(Formula formula, Integer times) {
        return of(null, null, "", formula, null, times);
    }

    static FormulaItemView of(SavedFormula saved, Long change) {
        return of(saved, change, null);
    }

    static FormulaItemView of(SavedFormula saved, Long change, Exact total) {
        return of(saved.id(), change, saved.name(), saved.formula(), total, null);
    }

    private static FormulaItemView of(
            String id, Long change, String name, Formula formula, Exact total, Integer times) {
        Map<String, String> words = new LinkedHashMap<>();
        formula.slots().forEach((slot, asked) -> words.put(slot.id(), asked.words()));
        return new FormulaItemView(id, change, name, FormulaReader.write(formula), words, total, times);
    }
}
