package jomble.server.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningJomble.class)
@Tag("writes")
class RulesTest {
    private Caller stylist;
    private String client;

    @BeforeEach
    void newClient(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        piece("top", "shirt", "#22304d");
        piece("bottom", "tailored-trousers", "#2a3858");
        piece("shoes", "loafers", "#5c3d29");
    }

    @AfterEach
    void asItWas() {
        stylist.put("/api/v1/studio/rules", Map.of());
    }

    private void piece(String id, String kind, String colour) {
        stylist.post(client + "/pieces", Map.of("id", id, "kind", kind, "colours", List.of(colour)));
    }

    private Answer judge() {
        return stylist.post(
                client + "/judge", Map.of("slots", Map.of("top", "top", "bottom", "bottom", "shoes", "shoes")));
    }

    private Map<?, ?> rule(String id) {
        return stylist.get(client + "/rules").list().stream()
                .filter(rule -> rule.get("id").equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyRuleHasATextExamplesAndASchoolThatSaysWhy() {
        List<Map<String, Object>> rules = stylist.get(client + "/rules").list();
        assertThat(rules).hasSizeGreaterThan(55);
        for (Map<String, Object> rule : rules) {
            List<Map<String, Object>> examples =
                    stylist.get("/api/v1/rules/" + rule.get("id") + "/examples").list();
            assertThat(examples)
                    .as(rule.get("id").toString())
                    .hasSizeGreaterThanOrEqualTo(4)
                    .allSatisfy(one -> {
                        assertThat(one.get("figure").toString()).startsWith("<svg");
                        assertThat(one.get("kind").equals("none")).isEqualTo(one.get("text") == null);
                    });
            ((List<?>) rule.get("schools"))
                    .forEach(question -> ((List<?>) ((Map<?, ?>) question).get("schools"))
                            .forEach(school -> assertThat(
                                            ((Map<?, ?>) school).get("why").toString())
                                    .hasSizeGreaterThan(20)));
        }
    }

    @Test
    void aNumberOfTheStudioHoldsForEveryClientAndAClientsOwnWins() {
        assertThat(judge().text()).contains("colour.near-miss");
        stylist.put("/api/v1/studio/rules", Map.of("parameters", Map.of("colour.near-miss/clear-from", 2.4)));
        assertThat(judge().text()).doesNotContain("colour.near-miss");
        stylist.put(client + "/rules", Map.of("parameters", Map.of("colour.near-miss/clear-from", 8)));
        assertThat(judge().text()).contains("colour.near-miss");
        stylist.post(client + "/undo", Map.of());
        assertThat(judge().text()).doesNotContain("colour.near-miss");
    }

    @Test
    void anApprovedPairIsSpokenOfNoMoreAndCountsAsOverruled() {
        stylist.post(
                client + "/overrides",
                Map.of("pieces", List.of("top", "bottom"), "decision", "approved", "reason", "dyed together"));
        assertThat(judge().text()).doesNotContain("colour.near-miss");
        assertThat(rule("colour.near-miss").get("overruled")).isEqualTo(1);
        stylist.delete(client + "/overrides?piece=bottom&piece=top");
        assertThat(judge().text()).contains("colour.near-miss");
    }

    @Test
    void rulesOutOnePieceWithAnyOfOthersAllOrNothing() {
        Map<String, Object> asked =
                Map.of("pieces", List.of("top"), "anyOf", List.of("bottom", "shoes"), "decision", "never");
        Answer answer = stylist.post(client + "/overrides", asked);
        assertThat(answer.list()).hasSize(2);
        assertThat(answer.at(0, "pieces")).isEqualTo(List.of("top", "bottom"));
        assertThat(answer.at(1, "pieces")).isEqualTo(List.of("top", "shoes"));
        assertThat(judge().at("judgement", "verdict")).isEqualTo("no");
        stylist.post(client + "/undo", Map.of());
        Answer refused = stylist.post(
                client + "/overrides",
                Map.of("pieces", List.of("top"), "anyOf", List.of("bottom", "nowhere"), "decision", "never"));
        assertThat(refused.at("errors", 0, "pointer")).isEqualTo("/anyOf/1");
        assertThat(stylist.get(client + "/overrides").list()).isEmpty();
    }

    @Test
    void offersToSoftenARuleThatKeepsBeingOverruled() {
        for (String other : List.of("second", "third", "fourth")) {
            piece(other, "shirt", "#22304d");
        }
        for (String top : List.of("top", "second", "third")) {
            assertThat(rule("colour.near-miss").get("suggestsSoftening")).isEqualTo(false);
            stylist.post(client + "/overrides", Map.of("pieces", List.of(top, "bottom"), "decision", "approved"));
        }
        assertThat(rule("colour.near-miss").get("suggestsSoftening")).isEqualTo(true);
        stylist.put(client + "/rules", Map.of("parameters", Map.of("colour.near-miss/softened", 1)));
        assertThat(rule("colour.near-miss").get("softened")).isEqualTo(true);
        assertThat(rule("colour.near-miss").get("suggestsSoftening")).isEqualTo(false);
        Answer answer = stylist.post(
                client + "/judge", Map.of("slots", Map.of("top", "fourth", "bottom", "bottom", "shoes", "shoes")));
        assertThat(answer.text()).containsPattern("colour.near-miss[^}]*minor");
        assertThat(rule("boundary.avoid").get("softenable")).isEqualTo(false);
    }

    @Test
    void whatIsNeverWornTogetherStopsWithItsReason() {
        stylist.post(
                client + "/overrides",
                Map.of("pieces", List.of("top", "bottom", "shoes"), "decision", "never", "reason", "she hates it"));
        Answer answer = judge();
        assertThat(answer.at("judgement", "verdict")).isEqualTo("no");
        assertThat(answer.at("judgement", "findings", 0, "text").toString()).contains("she hates it");
        assertThat(stylist.get(client + "/document").at("overrides", 0, "decision"))
                .isEqualTo("never");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "'{\"schools\": {\"metals\": \"melted\"}}', /schools/metals",
        "'{\"schools\": {\"shoes\": \"free\"}}', /schools/shoes",
        "'{\"parameters\": {\"colour.near-miss/clear\": 3}}', /parameters/colour.near-miss~1clear",
        "'{\"parameters\": {\"colour.near-miss/clear-from\": \"much\"}}', /parameters/colour.near-miss~1clear-from",
        "'{\"parameters\": {\"colour.near-miss/clear-from\": -1}}', /parameters/colour.near-miss~1clear-from",
        "'{\"parameters\": {\"weather.toes/stop-below\": 51}}', /parameters/weather.toes~1stop-below",
    })
    void refusesHouseRulesThatAreNoneAndNamesThePlace(String body, String pointer) {
        Answer answer = stylist.sendText(
                "PUT", client + "/rules", body, "Content-Type", "application/json", "If-Match", "\"0\"");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("errors", 0, "pointer")).isEqualTo(pointer);
    }

    @ParameterizedTest
    @CsvSource({"top, approved, 409", "nobody, never, 400", "top, maybe, 409"})
    void refusesARulingThatIsNone(String piece, String decision, int status) {
        Answer answer = stylist.post(client + "/overrides", Map.of("pieces", List.of(piece), "decision", decision));
        assertThat(answer.status()).isEqualTo(status);
        assertThat(stylist.get(client + "/overrides").list()).isEmpty();
    }
}
