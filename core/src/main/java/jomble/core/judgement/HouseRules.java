package jomble.core.judgement;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A studio's or client's settings for the rules: the schools chosen and the values that replace the rules' defaults.
 *
 * @param parameters by {@code rule-id/parameter-name}
 */
public record HouseRules(Map<SchoolSwitch, String> schools, Map<String, Double> parameters) {
    public static final HouseRules NONE = new HouseRules(Map.of(), Map.of());

    public HouseRules {
        Map<SchoolSwitch, String> copy = new EnumMap<>(SchoolSwitch.class);
        copy.putAll(new Schools(schools).chosen());
        schools = copy;
        parameters = Map.copyOf(parameters);
    }

    /** These settings with others on top, which take precedence. */
    public HouseRules with(HouseRules others) {
        Map<SchoolSwitch, String> chosen = new EnumMap<>(SchoolSwitch.class);
        chosen.putAll(schools);
        chosen.putAll(others.schools);
        Map<String, Double> numbers = new LinkedHashMap<>(parameters);
        numbers.putAll(others.parameters);
        return new HouseRules(chosen, numbers);
    }
}
