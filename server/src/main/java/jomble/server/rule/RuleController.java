package jomble.server.rule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.document.HouseRulesReader;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Rule;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.RuleSurvey;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.SchoolTexts;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.house.HouseRulesService;
import jomble.server.piece.Wardrobes;
import jomble.server.studio.IfMatch;
import jomble.server.studio.Versions;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rules: what each checks and why, its schools and parameters, examples, and how often it finds fault. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1")
class RuleController {
    /** From this many approvals against a rule's fault on, it is a habit rather than an exception. */
    private static final int KEEPS_BEING_OVERRULED = 3;

    private final RuleCatalogue catalogue;
    private final HouseRulesService house;
    private final Wardrobes wardrobes;
    private final ClientQuestions questions;
    private final RuleExamples examples;

    RuleController(
            RuleCatalogue catalogue,
            HouseRulesService house,
            Wardrobes wardrobes,
            ClientQuestions questions,
            RuleExamples examples) {
        this.catalogue = catalogue;
        this.house = house;
        this.wardrobes = wardrobes;
        this.questions = questions;
        this.examples = examples;
    }

    record SchoolView(String id, String why) {}

    /** @param studio the studio's school; {@code client} is the client's, null when it follows the studio */
    record SwitchView(String id, String question, List<SchoolView> schools, String studio, String client) {}

    /** @param client the client's value, null when it follows the studio */
    record ParameterView(
            String name, String unit, double usual, double least, double most, double studio, Double client) {}

    /**
     * A rule.
     *
     * @param group its subject
     * @param faults number of pairs of pieces, or single pieces, of the wardrobe it finds fault with; null for
     *     whole-outfit rules
     * @param overruled those of them that were approved
     * @param softenable whether it may be made one step milder
     * @param suggestsSoftening whether it is often overruled and has not been decided on yet
     */
    record RuleView(
            String id,
            String group,
            String title,
            String rationale,
            String source,
            String scope,
            List<SwitchView> schools,
            List<ParameterView> parameters,
            Integer faults,
            Integer overruled,
            boolean softenable,
            boolean softened,
            boolean suggestsSoftening) {}

    record HouseRulesView(Map<String, String> schools, Map<String, Double> parameters) {}

    /** Every rule with its schools and parameters for a client. */
    @GetMapping("/clients/{clientId}/rules")
    ResponseEntity<List<RuleView>> rules(@PathVariable UUID clientId) {
        long version = house.version(clientId);
        Wardrobe wardrobe = wardrobes.of(clientId);
        HouseRules studio = house.ofStudio();
        Judge judge = new Judge(
                catalogue,
                questions
                        .ask(clientId, new Chosen(null, null, null, false))
                        .contexts()
                        .get(0));
        Map<String, RuleSurvey.Spoken> spoken = RuleSurvey.of(catalogue, judge.context(), wardrobe.pieces());
        return tagged(
                version,
                catalogue.rules().stream()
                        .map(rule -> view(rule, studio, wardrobe.rules(), spoken.get(rule.id())))
                        .toList());
    }

    private static RuleView view(Rule rule, HouseRules studio, HouseRules client, RuleSurvey.Spoken spoken) {
        String packageName = rule.getClass().getPackageName();
        Double softening = studio.with(client).parameters().get(rule.id() + Overrides.SOFTENED);
        return new RuleView(
                rule.id(),
                packageName.substring(packageName.lastIndexOf('.') + 1),
                rule.info().title(),
                rule.info().rationale(),
                rule.info().source(),
                rule.scope().id(),
                rule.info().schools().stream().map(s -> view(s, studio, client)).toList(),
                rule.info().parameters().stream()
                        .map(p -> view(rule, p, studio, client))
                        .toList(),
                spoken == null ? null : spoken.faults(),
                spoken == null ? null : spoken.overruled(),
                RuleCatalogue.isSoftenable(rule),
                softening != null && softening > 0,
                softening == null && spoken != null && spoken.overruled() >= KEEPS_BEING_OVERRULED);
    }

    private static SwitchView view(SchoolSwitch question, HouseRules studio, HouseRules client) {
        return new SwitchView(
                question.id(),
                SchoolTexts.question(question),
                question.schools().stream()
                        .map(school -> new SchoolView(school, SchoolTexts.why(question, school)))
                        .toList(),
                studio.schools().getOrDefault(question, question.usual()),
                client.schools().get(question));
    }

    private static ParameterView view(Rule rule, Parameter parameter, HouseRules studio, HouseRules client) {
        String key = rule.id() + "/" + parameter.name();
        return new ParameterView(
                parameter.name(),
                parameter.unit(),
                parameter.value(),
                parameter.least(),
                parameter.most(),
                studio.parameters().getOrDefault(key, parameter.value()),
                client.parameters().get(key));
    }

    /** Drawn outfits that show when a rule finds fault and when it does not. */
    @Requires(Right.READ_REFERENCE)
    @GetMapping("/rules/{id}/examples")
    List<RuleExamples.ExampleView> examples(@PathVariable String id) {
        return examples.of(id);
    }

    /** Replaces the client's house rules, if they are still at the version in If-Match. */
    @Requires(Right.CHANGE_CLIENTS)
    @PutMapping("/clients/{clientId}/rules")
    ResponseEntity<List<RuleView>> holdForClient(
            @PathVariable UUID clientId, @IfMatch long seen, @RequestBody Map<String, Object> rules) {
        house.holdForClient(clientId, HouseRulesReader.read(rules), seen);
        return rules(clientId);
    }

    /** The studio's house rules. */
    @Requires(Right.READ_STUDIO)
    @GetMapping("/studio/rules")
    ResponseEntity<HouseRulesView> ofStudio() {
        long version = house.versionInStudio();
        return tagged(version, view(house.ofStudio()));
    }

    /** Replaces the studio's house rules, if they are still at the version in If-Match. */
    @Requires(Right.CHANGE_STUDIO)
    @PutMapping("/studio/rules")
    ResponseEntity<HouseRulesView> holdInStudio(@IfMatch long seen, @RequestBody Map<String, Object> rules) {
        house.holdInStudio(HouseRulesReader.read(rules), seen);
        return ofStudio();
    }

    private static <T> ResponseEntity<T> tagged(long version, T body) {
        return ResponseEntity.ok().eTag(Versions.tag(version)).body(body);
    }

    private static HouseRulesView view(HouseRules rules) {
        Map<String, String> schools = new LinkedHashMap<>();
        rules.schools().forEach((question, school) -> schools.put(question.id(), school));
        return new HouseRulesView(schools, rules.parameters());
    }
}
