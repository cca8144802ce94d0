package jomble.core.document;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/** House rules in document form: {@code {"schools": {"metals": "mixed"}, "parameters": {"colour.near-miss/clear-from": 7}}}. */
public final class HouseRulesReader {
    private HouseRulesReader() {}

    /** @throws jomble.core.tree.InvalidInputException naming everything that cannot be accepted */
    public static HouseRules read(Object tree) {
        Node node = Node.root(tree);
        HouseRules rules = read(node);
        node.finish();
        return rules;
    }

    static HouseRules read(Node node) {
        if (node.isNull()) {
            return HouseRules.NONE;
        }
        node.fields(List.of("schools", "parameters"));
        Node schools = node.field("schools");
        return new HouseRules(schools.isNull() ? Map.of() : schools(schools), parameters(node.field("parameters")));
    }

    static Map<SchoolSwitch, String> schools(Node node) {
        Map<SchoolSwitch, String> chosen = new EnumMap<>(SchoolSwitch.class);
        node.fields(Word.ids(SchoolSwitch.class)).forEach((name, field) -> {
            Optional<SchoolSwitch> question = Word.find(SchoolSwitch.class, name);
            if (question.isPresent() && !field.isNull()) {
                String school = field.text(1, 40);
                if (school != null && question.get().schools().contains(school)) {
                    chosen.put(question.get(), school);
                } else if (school != null) {
                    field.rejectUnknown("value", school, question.get().schools());
                }
            }
        });
        return chosen;
    }

    private static Map<String, Double> parameters(Node node) {
        Map<String, Double> numbers = new LinkedHashMap<>();
        if (node.isNull()) {
            return numbers;
        }
        Map<String, Parameter> known = Catalogue.standard().parameters();
        node.fields(List.copyOf(known.keySet())).forEach((key, field) -> {
            Parameter parameter = known.get(key);
            Double number =
                    field.isNull() || parameter == null ? null : field.decimal(parameter.least(), parameter.most());
            if (number != null) {
                numbers.put(key, number);
            }
        });
        return numbers;
    }

    public static Map<String, Object> write(HouseRules rules) {
        Map<String, Object> schools = new LinkedHashMap<>();
        rules.schools().forEach((question, school) -> schools.put(question.id(), school));
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("schools", schools);
        tree.put("parameters", new TreeMap<>(rules.parameters()));
        return tree;
    }
}
