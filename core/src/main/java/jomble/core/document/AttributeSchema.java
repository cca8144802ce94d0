package jomble.core.document;

import static jomble.core.document.part.Shape.DATE;
import static jomble.core.document.part.Shape.list;
import static jomble.core.document.part.Shape.object;
import static jomble.core.document.part.Shape.text;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.piece.Attribute;
import jomble.core.piece.Breasted;
import jomble.core.piece.CareMethod;
import jomble.core.piece.Lapel;
import jomble.core.piece.Pockets;
import jomble.core.piece.Structure;
import jomble.core.piece.ValueForm;
import jomble.core.piece.Word;

/** The JSON Schema of an attribute's values, by their form. A value may be null: then it is as if it were not there. */
final class AttributeSchema {
    private static final Map<String, Object> COLOUR = Map.of("type", "string", "pattern", "^#[0-9a-fA-F]{6}$");
    static final Map<String, Object> MONEY = object(
            List.of("amount", "currency"),
            Map.of(
                    "amount", number("number", 0, 9_999_999_999.99),
                    "currency", Map.of("type", "string", "pattern", "^[A-Z]{3}$")));

    private AttributeSchema() {}

    static Map<String, Object> of(Attribute<?> attribute) {
        return orNull(form(attribute.form(), attribute.words()));
    }

    private static Map<String, Object> form(ValueForm form, List<String> words) {
        return switch (form.name()) {
            case "word" -> Map.of("enum", words);
            case "words" -> list(0, words.size(), Map.of("enum", words));
            case "integer", "decimal" ->
                number(form.name().equals("integer") ? "integer" : "number", form.least(), form.most());
            case "text" -> text(0, (int) form.most());
            case "date" -> DATE;
            case "colours" -> list((int) form.least(), (int) form.most(), Map.of("anyOf", List.of(COLOUR, colour())));
            case "fibres" -> list(0, (int) form.most(), fibre(words));
            case "construction" -> construction();
            case "care" -> care();
            case "money" -> MONEY;
            case "errand" -> errand();
            case "tags" -> list(0, (int) form.most(), tag());
            default -> throw new IllegalStateException("no schema of " + form);
        };
    }

    private static Map<String, Object> colour() {
        return object(List.of("hex"), Map.of("hex", COLOUR, "share", orNull(number("number", 0.001, 1))));
    }

    private static Map<String, Object> fibre(List<String> words) {
        return object(List.of("fibre"), Map.of("fibre", Map.of("enum", words), "percent", number("integer", 1, 100)));
    }

    private static Map<String, Object> construction() {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put("structure", orNull(Map.of("enum", Word.ids(Structure.class))));
        parts.put("lapel", orNull(Map.of("enum", Word.ids(Lapel.class))));
        parts.put("breasted", orNull(Map.of("enum", Word.ids(Breasted.class))));
        parts.put("pockets", orNull(Map.of("enum", Word.ids(Pockets.class))));
        return object(List.of(), parts);
    }

    private static Map<String, Object> care() {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put("method", orNull(Map.of("enum", Word.ids(CareMethod.class))));
        parts.put("wearsBetween", orNull(number("integer", 1, 100)));
        parts.put("daysOut", orNull(number("integer", 0, 60)));
        parts.put("iron", orNull(Map.of("type", "boolean")));
        return object(List.of(), parts);
    }

    private static Map<String, Object> errand() {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put("what", orNull(text(1, 200)));
        parts.put("where", orNull(text(1, 200)));
        parts.put("by", orNull(DATE));
        parts.put("cost", orNull(MONEY));
        return object(List.of(), parts);
    }

    /** A word or a few, without commas. */
    private static Map<String, Object> tag() {
        Map<String, Object> tag = new LinkedHashMap<>(text(1, 40));
        tag.put("pattern", "^[^,]*[^,\\s][^,]*$");
        return tag;
    }

    private static Map<String, Object> number(String type, double least, double most) {
        return Map.of("type", type, "minimum", exact(least), "maximum", exact(most));
    }

    private static Number exact(double value) {
        return value == Math.rint(value) ? (Number) (long) value : (Number) value;
    }

    private static Map<String, Object> orNull(Map<String, Object> schema) {
        return Map.of("anyOf", List.of(schema, Map.of("type", "null")));
    }
}
