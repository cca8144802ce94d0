package jomble.core.document;

import static jomble.core.document.part.Shape.text;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.brief.Coats;
import jomble.core.brief.DressCode;
import jomble.core.brief.Setting;
import jomble.core.brief.TimeOfDay;
import jomble.core.brief.Zone;
import jomble.core.document.part.Shape;
import jomble.core.piece.Fibre;
import jomble.core.piece.Kinds;
import jomble.core.piece.Metal;
import jomble.core.piece.Pattern;
import jomble.core.piece.Word;
import jomble.core.proportion.Landmark;

/** The JSON Schema of a brief. A value may be null: then it is as if it were not there. */
final class BriefSchema {
    private static final Map<String, Object> COLOUR = Map.of("type", "string", "pattern", "^#[0-9a-fA-F]{6}$");
    private static final Map<String, Object> MONTH = whole(1, 12);

    private BriefSchema() {}

    static Map<String, Object> write() {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put("boundaries", boundaries());
        parts.put(
                "palette",
                object(Map.of("base", list(COLOUR, 24), "accents", list(COLOUR, 24), "avoid", list(COLOUR, 24))));
        parts.put("metals", words(Metal.class));
        parts.put("pmvOffset", number(-0.5, 0.5));
        parts.put("heights", heights());
        parts.put("lengthenLeg", Map.of("type", "boolean"));
        parts.put("hair", COLOUR);
        parts.put("skin", COLOUR);
        parts.put(
                "laundry",
                object(Map.of(
                        "intervalDays", whole(1, 90),
                        "dryingDays", whole(0, 14),
                        "dryCleanVisitsPerMonth", whole(0, 31))));
        parts.put("occasions", list(occasion(), 200));
        parts.put("place", text(0, 80));
        parts.put("climate", list(month(), 200));
        parts.put(
                "seasons",
                list(object(List.of("name", "months"), Map.of("name", text(1, 40), "months", list(MONTH, 12))), 6));
        parts.put(
                "needs",
                list(
                        object(
                                List.of("occasion", "season", "outfits"),
                                Map.of("occasion", text(1, 80), "season", text(1, 40), "outfits", whole(0, 100))),
                        200));
        parts.put("budget", AttributeSchema.MONEY);
        parts.put("notes", text(0, 4000));
        parts.put("photoConsent", Shape.DATE);
        parts.put("coats", words(Coats.class));
        return object(parts);
    }

    private static Map<String, Object> boundaries() {
        Map<String, Object> avoidance = new LinkedHashMap<>(object(Map.of(
                "kind", Map.of("enum", List.copyOf(Kinds.shipped().ids())),
                "fibre", words(Fibre.class),
                "colour", COLOUR,
                "pattern", words(Pattern.class),
                "metal", words(Metal.class))));
        avoidance.put("minProperties", 1);
        avoidance.put("maxProperties", 1);
        return object(Map.of(
                "coverage",
                list(words(Zone.class), 200),
                "avoid",
                list(avoidance, 200),
                "sensitivities",
                list(text(1, 80), 200),
                "healthNote",
                text(0, 4000),
                "maxHeelCm",
                number(0, 25),
                "tucks",
                Map.of("type", "boolean")));
    }

    private static Map<String, Object> heights() {
        Map<String, Object> heights = new LinkedHashMap<>();
        heights.put("statureCm", number(50, 250));
        Arrays.stream(Landmark.values()).forEach(landmark -> heights.put(landmark.fieldName(), number(0, 250)));
        return object(heights);
    }

    private static Map<String, Object> occasion() {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put("name", text(1, 80));
        parts.put("formalityLow", whole(1, 7));
        parts.put("formalityHigh", whole(1, 7));
        parts.put(
                "requires",
                list(
                        Map.of(
                                "anyOf",
                                List.of(
                                        words(DressCode.class),
                                        object(List.of("colours"), Map.of("colours", list(COLOUR, 200))),
                                        object(List.of("not-colours"), Map.of("not-colours", list(COLOUR, 200))))),
                        200));
        parts.put("setting", words(Setting.class));
        parts.put("work", Map.of("type", "boolean"));
        parts.put("maxHeelCm", number(0, 25));
        parts.put("outdoorMinutes", whole(0, 1440));
        parts.put("met", number(0.8, 4));
        parts.put("indoorC", number(-30, 45));
        parts.put("timesPerWeek", number(0, 21));
        parts.put("timesPerMonth", number(0, 31));
        parts.put("months", list(MONTH, 200));
        parts.put("timeOfDay", words(TimeOfDay.class));
        parts.put("from", time());
        parts.put("to", time());
        parts.put("audience", text(0, 80));
        parts.put("paused", Map.of("type", "boolean"));
        return object(parts);
    }

    private static Map<String, Object> time() {
        return Map.of("type", "string", "pattern", "^" + OccasionReader.TIME + "$");
    }

    private static Map<String, Object> month() {
        return object(
                List.of("month", "lowC", "highC"),
                Map.of(
                        "month", MONTH,
                        "lowC", number(-60, 60),
                        "highC", number(-60, 60),
                        "humidity", number(0, 100),
                        "windMs", number(0, 100),
                        "rainDays", number(0, 31)));
    }

    private static <W extends Enum<W> & Word> Map<String, Object> words(Class<W> type) {
        return Map.of("enum", Word.ids(type));
    }

    private static Map<String, Object> whole(int least, int most) {
        return Map.of("type", "integer", "minimum", least, "maximum", most);
    }

    private static Map<String, Object> number(double least, double most) {
        return Map.of("type", "number", "minimum", least, "maximum", most);
    }

    private static Map<String, Object> list(Map<String, Object> items, int most) {
        return Shape.list(0, most, items);
    }

    private static Map<String, Object> object(Map<String, Object> parts) {
        return object(List.of(), parts);
    }

    /** Parts that need not be there may be null as well. */
    private static Map<String, Object> object(List<String> needed, Map<String, Object> parts) {
        Map<String, Object> properties = new LinkedHashMap<>();
        parts.forEach((name, part) -> properties.put(
                name, needed.contains(name) ? part : Map.of("anyOf", List.of(part, Map.of("type", "null")))));
        return Shape.object(needed, properties);
    }
}
