package jomble.core.judgement;

import java.util.List;

/**
 * What people are told of a rule.
 *
 * @param id stable for ever
 * @param title a few words
 * @param rationale why stylists hold it
 * @param schools the switches it listens to
 * @param source where its numbers come from
 */
public record RuleInfo(
        String id,
        String title,
        String rationale,
        List<SchoolSwitch> schools,
        List<Parameter> parameters,
        String source) {
    public static final String HOUSE =
            "Our choice, from what stylists say and from walking everyday outfits through it.";

    public RuleInfo {
        schools = List.copyOf(schools);
        parameters = List.copyOf(parameters);
    }

    public static RuleInfo of(String id, String title, String rationale, Parameter... parameters) {
        return new RuleInfo(id, title, rationale, List.of(), List.of(parameters), HOUSE);
    }

    public RuleInfo with(SchoolSwitch... switches) {
        return new RuleInfo(id, title, rationale, List.of(switches), parameters, source);
    }

    public RuleInfo from(String published) {
        return new RuleInfo(id, title, rationale, schools, parameters, published);
    }
}
