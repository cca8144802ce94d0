package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.formula.ColourRole;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Pattern;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;

/** The part of the JSON Schema that is about saved outfits and formulas. */
final class SavedOutfitSchema {
    private static final Map<String, Object> NAME = Map.of("type", "string", "minLength", 1, "maxLength", 80);
    private static final Map<String, Object> NAMES =
            Map.of("type", "array", "maxItems", SavedOutfitReader.MOST_NAMES, "items", NAME);
    private static final Map<String, Object> FORMALITY = Map.of("type", "integer", "minimum", 1, "maximum", 7);

    private SavedOutfitSchema() {}

    static Map<String, Object> outfit() {
        Map<String, Object> version = new LinkedHashMap<>();
        version.put("slots", bySlot(Map.of("anyOf", List.of(WardrobeSchema.ID, list(WardrobeSchema.ID)))));
        version.put(
                "finishes",
                Map.of("type", "object", "additionalProperties", list(Map.of("enum", Word.ids(Finish.class)))));
        version.put("saved", Map.of("type", "string", "format", "date-time"));
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", WardrobeSchema.ID);
        properties.put("name", NAME);
        properties.put("notes", Map.of("type", "string", "maxLength", 2000));
        properties.put("occasions", NAMES);
        properties.put("seasons", NAMES);
        properties.put("tags", NAMES);
        properties.put("favourite", Map.of("type", "boolean"));
        properties.putAll(version);
        properties.put(
                "earlier",
                Map.of(
                        "type",
                        "array",
                        "maxItems",
                        SavedOutfit.MOST_EARLIER,
                        "items",
                        object(List.of("slots"), version)));
        return object(List.of("id", "name", "slots"), properties);
    }

    static Map<String, Object> formula() {
        Map<String, Object> asked = new LinkedHashMap<>();
        asked.put("kinds", list(WardrobeSchema.ID));
        asked.put("families", list(Map.of("enum", Word.ids(Family.class))));
        asked.put("fits", list(Map.of("enum", Word.ids(Fit.class))));
        asked.put("patterns", list(Map.of("enum", Word.ids(Pattern.class))));
        asked.put("colours", list(Map.of("enum", FormulaReader.COLOURS)));
        asked.put("colourRoles", list(Map.of("enum", Word.ids(ColourRole.class))));
        asked.put("formalityLow", FORMALITY);
        asked.put("formalityHigh", FORMALITY);
        return object(
                List.of("id", "name", "slots"),
                Map.of("id", WardrobeSchema.ID, "name", NAME, "slots", bySlot(object(List.of(), asked))));
    }

    private static Map<String, Object> bySlot(Map<String, Object> ofOneSlot) {
        Map<String, Object> slots = new LinkedHashMap<>();
        Word.ids(Slot.class).forEach(slot -> slots.put(slot, ofOneSlot));
        Map<String, Object> object = new LinkedHashMap<>(object(List.of(), slots));
        object.put("minProperties", 1);
        return object;
    }

    private static Map<String, Object> list(Map<String, Object> items) {
        return Map.of("type", "array", "items", items);
    }

    private static Map<String, Object> object(List<String> required, Map<String, Object> properties) {
        return Map.of("type", "object", "required", required, "properties", properties, "additionalProperties", false);
    }
}
