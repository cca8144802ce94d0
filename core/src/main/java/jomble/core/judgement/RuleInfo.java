package jomble.core.judgement;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import jomble.core.piece.Slot;

/**
 * A rule's metadata, for readers and for the counter.
 *
 * @param id never changes
 * @param title a few words
 * @param rationale why stylists follow it
 * @param schools the switches that affect it
 * @param source where its numbers come from
 * @param reads for a whole-outfit rule, the slots whose filling can change its finding; empty for others
 */
public record RuleInfo(
        String id,
        String title,
        String rationale,
        List<SchoolSwitch> schools,
        List<Parameter> parameters,
        String source,
        Set<Slot> reads,
        Set<RuleTrait> traits) {
    public static final String HOUSE =
            "Our choice, from what stylists say and from walking everyday outfits through it.";

    public RuleInfo {
        schools = List.copyOf(schools);
        parameters = List.copyOf(parameters);
        reads = Collections.unmodifiableSet(new LinkedHashSet<>(reads));
        traits = Collections.unmodifiableSet(new LinkedHashSet<>(traits));
    }

    public static RuleInfo of(String id, String title, String rationale, Parameter... parameters) {
        return new RuleInfo(id, title, rationale, List.of(), List.of(parameters), HOUSE, Set.of(), Set.of());
    }

    public RuleInfo with(SchoolSwitch... switches) {
        return new RuleInfo(id, title, rationale, List.of(switches), parameters, source, reads, traits);
    }

    public RuleInfo from(String published) {
        return new RuleInfo(id, title, rationale, schools, parameters, published, reads, traits);
    }

    /** @param slots the slots whose filling can change the finding of a whole-outfit rule */
    public RuleInfo reading(Set<Slot> slots) {
        return new RuleInfo(id, title, rationale, schools, parameters, source, slots, traits);
    }

    public RuleInfo that(RuleTrait... declared) {
        return new RuleInfo(id, title, rationale, schools, parameters, source, reads, Set.of(declared));
    }
}
