package jomble.core.document;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.brief.Avoidance;
import jomble.core.brief.Boundaries;
import jomble.core.brief.Brief;
import jomble.core.brief.Coats;
import jomble.core.brief.Laundry;
import jomble.core.brief.Need;
import jomble.core.brief.Occasion;
import jomble.core.brief.Palette;
import jomble.core.brief.Sensitivity;
import jomble.core.brief.Zone;
import jomble.core.colour.Colour;
import jomble.core.document.part.Values;
import jomble.core.piece.Attribute;
import jomble.core.piece.Fibre;
import jomble.core.piece.Kinds;
import jomble.core.piece.Metal;
import jomble.core.piece.Pattern;
import jomble.core.piece.Word;
import jomble.core.proportion.Heights;
import jomble.core.proportion.Landmark;
import jomble.core.tree.Node;

/** The brief of a wardrobe in document form. What is not given takes the value of {@link Brief#EMPTY}. */
public final class BriefReader {
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
            "place",
            "climate",
            "seasons",
            "needs",
            "budget",
            "notes",
            "photoConsent",
            "coats");
    private static final int MOST_COLOURS = 24;
    private static final int LONGEST_NOTE = 4000;

    private BriefReader() {}

    /** What is wrong is reported at the node. */
    public static Brief read(Node node) {
        node.fields(FIELDS);
        return new Brief(
                Values.given(node.field("boundaries"), BriefReader::boundaries, Boundaries.NONE),
                Values.given(node.field("palette"), BriefReader::palette, Palette.NONE),
                Values.given(node.field("metals"), n -> Values.word(n, Metal.class), null),
                Values.given(node.field("pmvOffset"), n -> n.decimal(-0.5, 0.5), 0.0),
                Values.given(node.field("heights"), BriefReader::heights, Heights.MEAN),
                Values.given(node.field("lengthenLeg"), Node::bool, false),
                Values.given(node.field("hair"), Values::colour, null),
                Values.given(node.field("skin"), Values::colour, null),
                Values.given(node.field("laundry"), BriefReader::laundry, Laundry.WEEKLY),
                Values.distinct(node.field("occasions"), OccasionReader::read, Occasion::name, "an occasion"),
                text(node.field("place"), 80),
                ClimateReader.months(node.field("climate")),
                ClimateReader.seasons(node.field("seasons")),
                Values.list(node.field("needs"), BriefReader::need),
                Values.given(node.field("budget"), Attribute.COST::read, null),
                text(node.field("notes"), LONGEST_NOTE),
                Values.given(node.field("photoConsent"), Attribute.ACQUIRED::read, null),
                Values.given(node.field("coats"), n -> Values.word(n, Coats.class), Coats.ASSUMED));
    }

    /** Null for an empty text. */
    private static String text(Node node, int longest) {
        String text = Values.given(node, n -> n.text(0, longest), "");
        return text.isBlank() ? null : text;
    }

    private static Need need(Node node) {
        node.fields(List.of("occasion", "season", "outfits"));
        String occasion = node.field("occasion").text(1, 80);
        String season = node.field("season").text(1, 40);
        Integer outfits = node.field("outfits").integer(0, 100);
        return occasion == null || season == null || outfits == null ? null : new Need(occasion, season, outfits);
    }

    private static Boundaries boundaries(Node node) {
        node.fields(List.of("coverage", "avoid", "sensitivities", "healthNote", "maxHeelCm", "tucks"));
        List<String> sensitivities = Values.list(node.field("sensitivities"), n -> n.text(1, 80));
        return new Boundaries(
                Values.list(node.field("coverage"), n -> Values.word(n, Zone.class)),
                Values.list(node.field("avoid"), BriefReader::avoidance),
                sensitivities.stream()
                        .flatMap(one -> Word.find(Sensitivity.class, one).stream())
                        .toList(),
                sensitivities.stream()
                        .filter(one -> Word.find(Sensitivity.class, one).isEmpty())
                        .toList(),
                text(node.field("healthNote"), LONGEST_NOTE),
                Values.given(node.field("maxHeelCm"), n -> n.decimal(0, 25), null),
                Values.given(node.field("tucks"), Node::bool, true));
    }

    private static Avoidance avoidance(Node node) {
        Map<String, Node> fields = node.fields(List.of("kind", "fibre", "colour", "pattern", "metal"));
        if (fields.size() != 1) {
            node.reject("one-of", "exactly one of kind, fibre, colour, pattern and metal is expected here");
            return null;
        }
        return new Avoidance(
                Values.given(node.field("kind"), BriefReader::kind, null),
                Values.given(node.field("fibre"), n -> Values.word(n, Fibre.class), null),
                Values.given(node.field("colour"), Values::colour, null),
                Values.given(node.field("pattern"), n -> Values.word(n, Pattern.class), null),
                Values.given(node.field("metal"), n -> Values.word(n, Metal.class), null));
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
        return new Palette(colours(node.field("base")), colours(node.field("accents")), colours(node.field("avoid")));
    }

    private static List<Colour> colours(Node node) {
        List<Colour> colours = Values.list(node, Values::colour);
        if (colours.size() > MOST_COLOURS) {
            node.reject(
                    "too-many", "at most %d colours are expected here: more are no palette".formatted(MOST_COLOURS));
        }
        return colours;
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
        return new Heights(Values.given(node.field("statureCm"), n -> n.decimal(50, 250), null), measured);
    }

    private static Laundry laundry(Node node) {
        node.fields(List.of("intervalDays", "dryingDays", "dryCleanVisitsPerMonth"));
        return new Laundry(
                Values.given(node.field("intervalDays"), n -> n.integer(1, 90), Laundry.WEEKLY.intervalDays()),
                Values.given(node.field("dryingDays"), n -> n.integer(0, 14), Laundry.WEEKLY.dryingDays()),
                Values.given(
                        node.field("dryCleanVisitsPerMonth"),
                        n -> n.integer(0, 31),
                        Laundry.WEEKLY.dryCleanVisitsPerMonth()));
    }

    public static Map<String, Object> write(Brief brief) {
        Map<String, Object> boundaries = Values.tree(
                "coverage", Values.ids(brief.boundaries().coverage()),
                "avoid",
                        brief.boundaries().avoid().stream()
                                .map(BriefReader::avoidance)
                                .toList(),
                "sensitivities", sensitivities(brief.boundaries()),
                "healthNote", brief.boundaries().healthNote(),
                "maxHeelCm", brief.boundaries().maxHeelCm(),
                "tucks", brief.boundaries().tucks());
        Map<String, Object> palette = Values.tree(
                "base", Values.hexes(brief.palette().base()),
                "accents", Values.hexes(brief.palette().accents()),
                "avoid", Values.hexes(brief.palette().avoid()));
        Map<String, Object> heights = Values.tree("statureCm", brief.heights().statureCm());
        brief.heights().measuredCm().forEach((landmark, cm) -> heights.put(landmark.fieldName(), cm));
        return Values.tree(
                "boundaries",
                boundaries,
                "palette",
                palette,
                "metals",
                Values.id(brief.metals()),
                "pmvOffset",
                brief.pmvOffset(),
                "heights",
                heights,
                "lengthenLeg",
                brief.lengthenLeg(),
                "hair",
                Values.hex(brief.hair()),
                "skin",
                Values.hex(brief.skin()),
                "laundry",
                Values.tree(
                        "intervalDays", brief.laundry().intervalDays(),
                        "dryingDays", brief.laundry().dryingDays(),
                        "dryCleanVisitsPerMonth", brief.laundry().dryCleanVisitsPerMonth()),
                "occasions",
                brief.occasions().stream().map(OccasionReader::write).toList(),
                "place",
                brief.place(),
                "climate",
                brief.climate().stream().map(ClimateReader::write).toList(),
                "seasons",
                brief.hasUsualSeasons()
                        ? null
                        : brief.seasons().stream().map(ClimateReader::write).toList(),
                "needs",
                brief.needs().isEmpty()
                        ? null
                        : brief.needs().stream().map(BriefReader::need).toList(),
                "budget",
                brief.budget() == null ? null : Attribute.COST.write(brief.budget()),
                "notes",
                brief.notes(),
                "photoConsent",
                brief.photoConsent() == null ? null : brief.photoConsent().toString(),
                "coats",
                brief.coats().id());
    }

    private static Map<String, Object> avoidance(Avoidance avoidance) {
        return Values.tree(
                "kind", avoidance.kind(),
                "fibre", Values.id(avoidance.fibre()),
                "colour", Values.hex(avoidance.colour()),
                "pattern", Values.id(avoidance.pattern()),
                "metal", Values.id(avoidance.metal()));
    }

    /** Whether two valid briefs in document form are equal; false when one has a mistake. */
    public static boolean isSame(Object one, Object other) {
        Node first = Node.root(one);
        Node second = Node.root(other);
        return read(first).equals(read(second));
    }

    private static Map<String, Object> need(Need need) {
        return Values.tree("occasion", need.occasion(), "season", need.season(), "outfits", need.outfits());
    }

    private static List<String> sensitivities(Boundaries boundaries) {
        List<String> all = new ArrayList<>(Values.ids(boundaries.sensitivities()));
        all.addAll(boundaries.otherSensitivities());
        return all;
    }
}
