package jomble.core.document;

import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import jomble.core.brief.DressCode;
import jomble.core.brief.Occasion;
import jomble.core.brief.Requirement;
import jomble.core.brief.Setting;
import jomble.core.brief.TimeOfDay;
import jomble.core.document.part.Values;
import jomble.core.tree.Node;

/** Occasions in document form. What is not given takes the value of {@link Occasion#ANY}. */
public final class OccasionReader {
    private static final List<String> FIELDS = List.of(
            "name",
            "formalityLow",
            "formalityHigh",
            "requires",
            "work",
            "maxHeelCm",
            "setting",
            "outdoorMinutes",
            "met",
            "indoorC",
            "timesPerWeek",
            "timesPerMonth",
            "months",
            "timeOfDay",
            "from",
            "to",
            "audience",
            "paused");

    /** Hours and minutes of a day. */
    static final String TIME = "([01][0-9]|2[0-3]):[0-5][0-9]";

    private OccasionReader() {}

    /** @return null after reporting a problem at the node */
    public static Occasion read(Node node) {
        node.fields(FIELDS);
        Occasion any = Occasion.ANY;
        int low = Values.given(node.field("formalityLow"), n -> n.integer(1, 7), any.formalityLow());
        int high = Values.given(node.field("formalityHigh"), n -> n.integer(1, 7), any.formalityHigh());
        if (low > high) {
            node.field("formalityLow").reject("out-of-order", "formalityLow is above formalityHigh");
            return null;
        }
        Double perWeek = Values.given(node.field("timesPerWeek"), n -> n.decimal(0, 21), null);
        Double perMonth = Values.given(node.field("timesPerMonth"), n -> n.decimal(0, 31), null);
        if (perWeek != null && perMonth != null) {
            node.field("timesPerMonth").reject("one-of", "how often is said either by the week or by the month");
        }
        LocalTime from = Values.given(node.field("from"), OccasionReader::time, null);
        LocalTime to = Values.given(node.field("to"), OccasionReader::time, null);
        if (node.field("from").isNull() != node.field("to").isNull()) {
            node.field(node.field("from").isNull() ? "from" : "to")
                    .reject("missing", "a time has a beginning and an end");
        }
        boolean isTimed = from != null && to != null;
        return new Occasion(
                Values.given(node.field("name"), n -> n.text(1, 80), any.name()),
                low,
                high,
                Values.list(node.field("requires"), OccasionReader::requirement),
                Values.given(node.field("setting"), n -> Values.word(n, Setting.class), any.setting()),
                Values.given(node.field("work"), Node::bool, false),
                Values.given(node.field("maxHeelCm"), n -> n.decimal(0, 25), null),
                Values.given(node.field("outdoorMinutes"), n -> n.integer(0, 1440), any.outdoorMinutes()),
                Values.given(node.field("met"), n -> n.decimal(0.8, 4), any.met()),
                Values.given(node.field("indoorC"), n -> n.decimal(-30, 45), any.indoorC()),
                perWeek,
                perMonth,
                Values.list(node.field("months"), n -> n.integer(1, 12)),
                Values.given(node.field("timeOfDay"), n -> Values.word(n, TimeOfDay.class), null),
                isTimed ? from : null,
                isTimed ? to : null,
                Values.given(node.field("audience"), n -> n.text(0, 80), null),
                Values.given(node.field("paused"), Node::bool, false));
    }

    private static LocalTime time(Node node) {
        String text = node.text(5, 5);
        if (text == null) {
            return null;
        }
        if (!text.matches(TIME)) {
            node.reject("not-a-time", "a time such as 12:30 is expected here");
            return null;
        }
        return LocalTime.parse(text);
    }

    private static Requirement requirement(Node node) {
        if (!node.isObject()) {
            DressCode code = Values.word(node, DressCode.class);
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
                Values.list(node.field(wanted ? "colours" : "not-colours"), Values::colour));
    }

    public static Map<String, Object> write(Occasion occasion) {
        return Values.tree(
                "name", occasion.name(),
                "formalityLow", occasion.formalityLow(),
                "formalityHigh", occasion.formalityHigh(),
                "requires",
                        occasion.requires().stream()
                                .map(OccasionReader::requirement)
                                .toList(),
                "setting", occasion.setting().id(),
                "work", occasion.work(),
                "maxHeelCm", occasion.maxHeelCm(),
                "outdoorMinutes", occasion.outdoorMinutes(),
                "met", occasion.met(),
                "indoorC", occasion.indoorC(),
                "timesPerWeek", occasion.timesPerWeek(),
                "timesPerMonth", occasion.timesPerMonth(),
                "months", occasion.months(),
                "timeOfDay", Values.id(occasion.timeOfDay()),
                "from", occasion.from() == null ? null : occasion.from().toString(),
                "to", occasion.to() == null ? null : occasion.to().toString(),
                "audience", occasion.audience(),
                "paused", occasion.isPaused() ? true : null);
    }

    private static Object requirement(Requirement requirement) {
        boolean named = !requirement.colours().isEmpty();
        return named
                ? Values.tree(requirement.code().id(), Values.hexes(requirement.colours()))
                : requirement.code().id();
    }
}
