package jomble.core.document;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import jomble.core.brief.Avoidance;
import jomble.core.brief.Boundaries;
import jomble.core.brief.Brief;
import jomble.core.brief.DressCode;
import jomble.core.brief.Laundry;
import jomble.core.brief.Occasion;
import jomble.core.brief.Palette;
import jomble.core.brief.Requirement;
import jomble.core.brief.Sensitivity;
import jomble.core.brief.Setting;
import jomble.core.brief.Zone;
import jomble.core.climate.ClimateMonth;
import jomble.core.colour.Colour;
import jomble.core.piece.Fibre;
import jomble.core.piece.Kinds;
import jomble.core.piece.Metal;
import jomble.core.piece.Pattern;
import jomble.core.piece.Word;
import jomble.core.proportion.Heights;
import jomble.core.proportion.Landmark;
import jomble.core.tree.Node;

/** Reads the brief of a wardrobe document. What is not given takes the value of {@link Brief#EMPTY}. */
final class BriefReader {
    private static final List<String> FIELDS = List.of(
            "boundaries",
            "palette",
            "metals",
            "pmvOffset",
            "heights",
            "lengthenLeg",
            "hair",
            "skin",
            "laundry",
            "occasions",
            "climate");
    private static final List<String> OCCASION_FIELDS = List.of(
            "name",
            "formalityLow",
            "formalityHigh",
            "requires",
            "work",
            "maxHeelCm",
            "setting",
            "outdoorMinutes",
            "met",
            "timesPerWeek",
            "months",
            "audience");
    private static final List<String> CLIMATE_FIELDS =
            List.of("month", "lowC", "highC", "humidity", "windMs", "rainDays");
    private static final int MOST = 200;

    private BriefReader() {}

    static Brief read(Node node) {
        node.fields(FIELDS);
        return new Brief(
                given(node.field("boundaries"), BriefReader::boundaries, Boundaries.NONE),
                given(node.field("palette"), BriefReader::palette, Palette.NONE),
                given(node.field("metals"), n -> word(n, Metal.class), null),
                given(node.field("pmvOffset"), n -> n.decimal(-0.5, 0.5), 0.0),
                given(node.field("heights"), BriefReader::heights, Heights.MEAN),
                given(node.field("lengthenLeg"), Node::bool, false),
                given(node.field("hair"), BriefReader::colour, null),
                given(node.field("skin"), BriefReader::colour, null),
                given(node.field("laundry"), BriefReader::laundry, Laundry.WEEKLY),
                list(node.field("occasions"), BriefReader::occasion),
                climate(node.field("climate")));
    }

    /** What the node holds, or the fallback when it is absent or wrong; a wrong one is reported. */
    static <T> T given(Node node, Function<Node, T> read, T fallback) {
        T value = node.isNull() ? null : read.apply(node);
        return value == null ? fallback : value;
    }

    static <T> List<T> list(Node node, Function<Node, T> read) {
        return node.items(MOST).stream().map(read).filter(Objects::nonNull).toList();
    }

    static <W extends Enum<W> & Word> W word(Node node, Class<W> type) {
        if (!node.isText()) {
            node.reject("not-text", "one of " + String.join(", ", Word.ids(type)) + " is expected here");
            return null;
        }
        Optional<W> word = Word.find(type, (String) node.value());
        if (word.isEmpty()) {
            node.rejectUnknown("value", (String) node.value(), Word.ids(type));
        }
        return word.orElse(null);
    }

    static Colour colour(Node node) {
        if (!node.isText() || !Colour.isHex((String) node.value())) {
            node.reject("not-a-colour", "a colour of the form #rrggbb is expected here");
            return null;
        }
        return Colour.of((String) node.value());
    }

    private static Boundaries boundaries(Node node) {
        node.fields(List.of("coverage", "avoid", "sensitivities", "maxHeelCm", "tucks"));
        return new Boundaries(
                list(node.field("coverage"), n -> word(n, Zone.class)),
                list(node.field("avoid"), BriefReader::avoidance),
                list(node.field("sensitivities"), n -> word(n, Sensitivity.class)),
                given(node.field("maxHeelCm"), n -> n.decimal(0, 25), null),
                given(node.field("tucks"), Node::bool, true));
    }

    private static Avoidance avoidance(Node node) {
        Map<String, Node> fields = node.fields(List.of("kind", "fibre", "colour", "pattern", "metal"));
        if (fields.size() != 1) {
            node.reject("one-of", "exactly one of kind, fibre, colour, pattern and metal is expected here");
            return null;
        }
        return new Avoidance(
                given(node.field("kind"), BriefReader::kind, null),
                given(node.field("fibre"), n -> word(n, Fibre.class), null),
                given(node.field("colour"), BriefReader::colour, null),
                given(node.field("pattern"), n -> word(n, Pattern.class), null),
                given(node.field("metal"), n -> word(n, Metal.class), null));
    }

    private static String kind(Node node) {
        String id = node.text(1, 64);
        if (id != null && Kinds.shipped().find(id).isEmpty()) {
            node.rejectUnknown("value", id, Kinds.shipped().ids());
        }
        return id;
    }

    private static Palette palette(Node node) {
        node.fields(List.of("base", "accents", "avoid"));
        return new Palette(
                list(node.field("base"), BriefReader::colour),
                list(node.field("accents"), BriefReader::colour),
                list(node.field("avoid"), BriefReader::colour));
    }

    private static Heights heights(Node node) {
        Map<String, Landmark> landmarks = new LinkedHashMap<>();
        for (Landmark landmark : Landmark.values()) {
            landmarks.put(landmark.fieldName(), landmark);
        }
        List<String> fields = new ArrayList<>(landmarks.keySet());
        fields.add("statureCm");
        Map<Landmark, Double> measured = new EnumMap<>(Landmark.class);
        node.fields(fields).forEach((name, field) -> {
            if (landmarks.containsKey(name) && !field.isNull()) {
                Double cm = field.decimal(0, 250);
                measured.put(landmarks.get(name), cm == null ? 0.0 : cm);
            }
        });
        return new Heights(given(node.field("statureCm"), n -> n.decimal(50, 250), null), measured);
    }

    private static Laundry laundry(Node node) {
        node.fields(List.of("intervalDays", "dryCleanVisitsPerMonth"));
        return new Laundry(
                given(node.field("intervalDays"), n -> n.integer(1, 90), Laundry.WEEKLY.intervalDays()),
                given(
                        node.field("dryCleanVisitsPerMonth"),
                        n -> n.integer(0, 31),
                        Laundry.WEEKLY.dryCleanVisitsPerMonth()));
    }

    static Occasion occasion(Node node) {
        node.fields(OCCASION_FIELDS);
        Occasion any = Occasion.ANY;
        int low = given(node.field("formalityLow"), n -> n.integer(1, 7), any.formalityLow());
        int high = given(node.field("formalityHigh"), n -> n.integer(1, 7), any.formalityHigh());
        if (low > high) {
            node.field("formalityLow").reject("out-of-order", "formalityLow is above formalityHigh");
            return null;
        }
        return new Occasion(
                given(node.field("name"), n -> n.text(1, 80), any.name()),
                low,
                high,
                list(node.field("requires"), BriefReader::requirement),
                given(node.field("setting"), n -> word(n, Setting.class), any.setting()),
                given(node.field("work"), Node::bool, false),
                given(node.field("maxHeelCm"), n -> n.decimal(0, 25), null),
                given(node.field("outdoorMinutes"), n -> n.integer(0, 1440), any.outdoorMinutes()),
                given(node.field("met"), n -> n.decimal(0.8, 4), any.met()),
                given(node.field("timesPerWeek"), n -> n.decimal(0, 50), null),
                list(node.field("months"), n -> n.integer(1, 12)),
                given(node.field("audience"), n -> n.text(0, 80), null));
    }

    private static Requirement requirement(Node node) {
        if (!node.isObject()) {
            DressCode code = word(node, DressCode.class);
            return code == null ? null : new Requirement(code, List.of());
        }
        Map<String, Node> fields = node.fields(List.of("colours", "not-colours"));
        if (fields.size() != 1) {
            node.reject("one-of", "one list named colours or not-colours is expected here");
            return null;
        }
        boolean wanted = fields.containsKey("colours");
        return new Requirement(
                wanted ? DressCode.COLOURS : DressCode.NOT_COLOURS,
                list(node.field(wanted ? "colours" : "not-colours"), BriefReader::colour));
    }

    private static List<ClimateMonth> climate(Node node) {
        Set<Integer> seen = new HashSet<>();
        return list(node, n -> {
            ClimateMonth month = month(n);
            if (month != null && !seen.add(month.month())) {
                n.field("month").reject("twice", "the month " + month.month() + " is given twice");
            }
            return month;
        });
    }

    private static ClimateMonth month(Node node) {
        node.fields(CLIMATE_FIELDS);
        Integer month = node.field("month").integer(1, 12);
        Double low = node.field("lowC").decimal(-60, 60);
        Double high = node.field("highC").decimal(-60, 60);
        if (month == null || low == null || high == null) {
            return null;
        }
        if (low > high) {
            node.field("lowC").reject("out-of-order", "lowC is above highC");
            return null;
        }
        return new ClimateMonth(
                month,
                low,
                high,
                given(node.field("humidity"), n -> n.decimal(0, 100), 50.0),
                given(node.field("windMs"), n -> n.decimal(0, 100), 0.0),
                given(node.field("rainDays"), n -> n.decimal(0, 31), 0.0));
    }
}
