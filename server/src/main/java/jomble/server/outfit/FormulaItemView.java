package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.Map;
import jomble.core.document.FormulaReader;
import jomble.core.formula.Formula;
import jomble.server.counting.Exact;

/**
 * A formula.
 *
 * @param id omitted when it is not saved
 * @param slots in document form
 * @param words what each slot holds, in plain words
 * @param total number of outfits in the context that match; omitted when not counted
 * @param times number of worn or saved outfits that match; omitted when not requested
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record FormulaItemView(
        String id, String name, Map<String, Object> slots, Map<String, String> words, Exact total, Integer times) {
    static FormulaItemView of(String id, String name, Formula formula, Exact total, Integer times) {
        Map<String, String> words = new LinkedHashMap<>();
        formula.slots().forEach((slot, asked) -> words.put(slot.id(), asked.words()));
        return new FormulaItemView(id, name, FormulaReader.write(formula), words, total, times);
    }
}
