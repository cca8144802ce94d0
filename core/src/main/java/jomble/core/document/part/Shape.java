package jomble.core.document.part;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Fragments of JSON Schema that several parts use. */
public final class Shape {
    public static final Map<String, Object> ID = text(1, 64);
    public static final Map<String, Object> DATE = Map.of("type", "string", "format", "date");
    public static final Map<String, Object> TIME = Map.of("type", "string", "format", "date-time");
    public static final Map<String, Object> NAME = text(1, SavedFields.LONGEST_NAME);
    public static final Map<String, Object> NOTES = text(0, SavedFields.LONGEST_NOTES);

    private Shape() {}

    /** Text of so many characters. */
    public static Map<String, Object> text(int shortest, int longest) {
        Map<String, Object> text = new LinkedHashMap<>();
        text.put("type", "string");
        if (shortest > 0) {
            text.put("minLength", shortest);
        }
        text.put("maxLength", longest);
        return text;
    }

    public static Map<String, Object> list(Map<String, Object> items) {
        return Map.of("type", "array", "items", items);
    }

    public static Map<String, Object> list(int least, int most, Map<String, Object> items) {
        return Map.of("type", "array", "minItems", least, "maxItems", most, "items", items);
    }

    /** An object without other fields than these. */
    public static Map<String, Object> object(List<String> required, Map<String, Object> properties) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("type", "object");
        object.put("required", required);
        object.put("properties", properties);
        object.put("additionalProperties", false);
        return object;
    }
}
