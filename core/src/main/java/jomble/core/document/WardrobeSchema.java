package jomble.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.Ruling;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.SetKind;
import jomble.core.piece.Word;

/** The JSON Schema (draft 2020-12) of the wardrobe document, written from the vocabulary itself. */
public final class WardrobeSchema {
    static final Map<String, Object> ID = Map.of("type", "string", "minLength", 1, "maxLength", 64);

    private WardrobeSchema() {}

    public static Map<String, Object> write() {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("format", Map.of("const", WardrobeReader.FORMAT));
        properties.put("version", Map.of("type", "integer", "minimum", 1, "maximum", WardrobeReader.VERSION));
        properties.put("brief", BriefSchema.write());
        properties.put("kinds", Map.of("type", "array", "items", kind()));
        properties.put("pieces", Map.of("type", "array", "items", piece()));
        properties.put("sets", Map.of("type", "array", "items", set()));
        properties.put("overrides", Map.of("type", "array", "items", override()));
        properties.put("rules", Map.of("type", "object"));
        properties.put("wears", Map.of("type", "array", "items", wear()));
        properties.put("capsules", Map.of("type", "array", "items", capsule()));
        properties.put("outfits", Map.of("type", "array", "items", SavedOutfitSchema.outfit()));
        properties.put("formulas", Map.of("type", "array", "items", SavedOutfitSchema.formula()));
        Map<String, Object> schema = new LinkedHashMap<>();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Jomble wardrobe document");
        schema.put("type", "object");
        schema.put("properties", properties);
        schema.put("additionalProperties", false);
        return schema;
    }

    private static Map<String, Object> piece() {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", ID);
        properties.put("kind", Map.of("anyOf", List.of(shippedKind(), ID)));
        properties.putAll(attributes());
        Map<String, Object> piece = new LinkedHashMap<>();
        piece.put("type", "object");
        piece.put("required", List.of("id", "kind"));
        piece.put("properties", properties);
        piece.put("additionalProperties", false);
        return piece;
    }

    private static Map<String, Object> shippedKind() {
        return Map.of("enum", new ArrayList<>(Kinds.shipped().ids()));
    }

    private static Map<String, Object> attributes() {
        Map<String, Object> properties = new LinkedHashMap<>();
        Attribute.all().forEach(attribute -> properties.put(attribute.name(), AttributeSchema.of(attribute)));
        return properties;
    }

    /** A studio's own kind: like a shipped one but for what is set. */
    private static Map<String, Object> kind() {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", ID);
        properties.put("like", shippedKind());
        properties.put("alsoCalled", Map.of("type", "array", "items", Map.of("type", "string")));
        properties.put("set", Map.of("type", "object", "properties", attributes(), "additionalProperties", false));
        Map<String, Object> kind = new LinkedHashMap<>();
        kind.put("type", "object");
        kind.put("required", List.of("id", "like"));
        kind.put("properties", properties);
        kind.put("additionalProperties", false);
        return kind;
    }

    private static Map<String, Object> override() {
        return Map.of(
                "type",
                "object",
                "required",
                List.of("pieces", "decision"),
                "properties",
                Map.of(
                        "pieces", Map.of("type", "array", "minItems", 1, "maxItems", 20, "items", ID),
                        "decision", Map.of("enum", Word.ids(Ruling.Decision.class)),
                        "reason", Map.of("type", "string", "maxLength", 400),
                        "by", Map.of("type", "string", "maxLength", 80)),
                "additionalProperties",
                false);
    }

    private static Map<String, Object> wear() {
        return Map.of(
                "type",
                "object",
                "required",
                List.of("date", "pieces"),
                "properties",
                Map.of(
                        "date",
                        AttributeSchema.DATE,
                        "pieces",
                        Map.of("type", "array", "minItems", 1, "maxItems", 40, "items", ID)),
                "additionalProperties",
                false);
    }

    private static Map<String, Object> capsule() {
        Map<String, Object> version = new LinkedHashMap<>();
        version.put("pieces", Map.of("type", "array", "maxItems", 200, "items", ID));
        version.put("wishes", Map.of("type", "object"));
        version.put("saved", Map.of("type", "string", "format", "date-time"));
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", ID);
        properties.put("name", Map.of("type", "string", "minLength", 1, "maxLength", 80));
        properties.put("notes", Map.of("type", "string", "maxLength", 2000));
        properties.putAll(version);
        properties.put(
                "locked",
                Map.of(
                        "type",
                        "object",
                        "required",
                        List.of("on"),
                        "properties",
                        Map.of("season", Map.of("type", "string", "maxLength", 80), "on", AttributeSchema.DATE),
                        "additionalProperties",
                        false));
        properties.put(
                "earlier",
                Map.of(
                        "type",
                        "array",
                        "maxItems",
                        50,
                        "items",
                        Map.of("type", "object", "properties", version, "additionalProperties", false)));
        return Map.of(
                "type",
                "object",
                "required",
                List.of("id", "name"),
                "properties",
                properties,
                "additionalProperties",
                false);
    }

    private static Map<String, Object> set() {
        return Map.of(
                "type",
                "object",
                "required",
                List.of("id", "kind"),
                "properties",
                Map.of(
                        "id", ID,
                        "kind", Map.of("enum", Word.ids(SetKind.class)),
                        "label", Map.of("type", "string", "maxLength", 80)),
                "additionalProperties",
                false);
    }
}
