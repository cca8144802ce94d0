package jomble.core.judgement;

import java.util.HashMap;
import java.util.Map;

/**
 * Values that replace the defaults of rule parameters.
 *
 * @param byRule by rule id and parameter name; only values that differ from the default
 */
public record ParameterValues(Map<String, Map<String, Double>> byRule) {
    public static final ParameterValues DEFAULTS = new ParameterValues(Map.of());

    private static final String SOFTENED = Overrides.SOFTENED.substring(1);

    public ParameterValues {
        byRule = Map.copyOf(byRule);
    }

    /** @param values by {@code rule-id/parameter-name} */
    public static ParameterValues of(Map<String, Double> values) {
        Map<String, Map<String, Double>> byRule = new HashMap<>();
        values.forEach((key, value) -> {
            int slash = key.indexOf('/');
            byRule.computeIfAbsent(key.substring(0, slash), rule -> new HashMap<>())
                    .put(key.substring(slash + 1), value);
        });
        return new ParameterValues(byRule);
    }

    /** Hot path, called for every pair of a wardrobe: allocates nothing. */
    double of(Rule rule, Parameter parameter) {
        Map<String, Double> values = of(rule);
        return values == null ? parameter.value() : values.getOrDefault(parameter.name(), parameter.value());
    }

    /** Whether the rule's findings are one step milder. */
    boolean isSoftened(Rule rule) {
        Map<String, Double> values = of(rule);
        return values != null && values.getOrDefault(SOFTENED, 0.0) > 0;
    }

    private Map<String, Double> of(Rule rule) {
        return byRule.isEmpty() ? null : byRule.get(rule.id());
    }
}
