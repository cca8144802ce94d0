package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.Map;

/** The JSON Schema (draft 2020-12) of the wardrobe document, written from the vocabulary itself. */
public final class WardrobeSchema {
    private WardrobeSchema() {}

    public static Map<String, Object> write() {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("format", Map.of("const", WardrobeReader.FORMAT));
        properties.put("version", Map.of("type", "integer", "minimum", 1, "maximum", WardrobeReader.VERSION));
        Parts.ALL.forEach(part -> properties.put(part.name(), part.schema()));
        Map<String, Object> schema = new LinkedHashMap<>();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Jomble wardrobe document");
        schema.put("type", "object");
        schema.put("properties", properties);
        schema.put("additionalProperties", false);
        return schema;
    }
}
