package jomble.server.idempotency;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(RunningJomble.class)
@Tag("writes")
class IdempotencyTest {
    private Caller stylist;
    private String client;
    private String key;

    @BeforeEach
    void aClient(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        stylist.post(client + "/pieces", Map.of("id", "a", "kind", "shirt"));
        stylist.post(client + "/pieces", Map.of("id", "b", "kind", "jeans"));
        key = UUID.randomUUID().toString();
    }

    private Answer send(String path, Object body) {
        return stylist.send("POST", path, body, "Idempotency-Key", key);
    }

    static Stream<Arguments> creating() {
        Map<String, Object> slots = Map.of("top", "a", "bottom", "b");
        return Stream.of(
                Arguments.of("/pieces", Map.of("kind", "shirt"), "/pieces"),
                Arguments.of("/pieces/entry", Map.of("line", "shirt white"), "/pieces"),
                Arguments.of("/pieces/entries", Map.of("lines", List.of("shirt white", "jeans")), "/pieces"),
                Arguments.of("/visits", Map.of("date", "2027-01-04"), "/visits"),
                Arguments.of("/saved-outfits", Map.of("name", "Monday", "slots", slots), "/saved-outfits"),
                Arguments.of(
                        "/capsules",
                        Map.of("name", "C", "pieces", List.of("a"), "wishes", Map.of("size", 3)),
                        "/capsules"),
                Arguments.of(
                        "/formulas",
                        Map.of("name", "F", "slots", Map.of("top", Map.of("kinds", List.of("shirt")))),
                        "/formulas"),
                Arguments.of("/overrides", Map.of("pieces", List.of("a", "b"), "decision", "never"), "/overrides"),
                Arguments.of("/wears", Map.of("pieces", List.of("a")), "/wears"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("creating")
    void theSameRequestIsCarriedOutOnce(String call, Object body, String list) {
        Answer first = send(client + call, body);
        assertThat(first.status()).as(first.text()).isBetween(200, 201);
        String after = stylist.get(client + list).text();
        Answer again = send(client + call, body);
        assertThat(again.status()).isEqualTo(first.status());
        assertThat(again.text()).isEqualTo(first.text());
        assertThat(again.headers().firstValue("ETag")).isEqualTo(first.headers().firstValue("ETag"));
        assertThat(again.headers().firstValue("Idempotent-Replayed")).contains("true");
        assertThat(stylist.get(client + list).text()).isEqualTo(after);
    }

    @Test
    void aClientIsAddedOnce() {
        String name = "Twice " + key;
        Object id = send("/api/v1/clients", Map.of("name", name)).at("id");
        assertThat(send("/api/v1/clients", Map.of("name", name)).at("id")).isEqualTo(id);
        assertThat(stylist.get("/api/v1/clients").list())
                .filteredOn(one -> one.get("name").equals(name))
                .hasSize(1);
    }

    @Test
    void aKeyIsForOneRequestOnly() {
        send(client + "/visits", Map.of("date", "2027-01-04"));
        Answer other = send(client + "/visits", Map.of("date", "2027-01-05"));
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.json()).containsEntry("code", "key-used");
        assertThat(stylist.get(client + "/visits").list()).hasSize(1);
    }

    @Test
    void whatWasRefusedMayBeSentAgainWithItsKey() {
        assertThat(send(client + "/wears", Map.of("pieces", List.of("nowhere"))).status())
                .isEqualTo(400);
        assertThat(send(client + "/wears", Map.of("pieces", List.of("a"))).status())
                .isEqualTo(201);
    }

    @Test
    void sentAtOnceItIsCarriedOutOnceAndAnsweredToAll(Jomble jomble) {
        List<Caller> callers =
                IntStream.range(0, 6).mapToObj(i -> jomble.stylist()).toList();
        List<Answer> answers = callers.parallelStream()
                .map(caller ->
                        caller.send("POST", client + "/wears", Map.of("pieces", List.of("a")), "Idempotency-Key", key))
                .toList();
        assertThat(answers).extracting(Answer::status).containsOnly(201);
        assertThat(answers)
                .extracting(answer -> answer.at("id"))
                .containsOnly(answers.get(0).at("id"));
        assertThat(stylist.get(client + "/wears").at("a", "times")).isEqualTo(1);
    }

    /** As when the application is killed after it saved and before it answered. */
    @Test
    void withoutTheFirstAnswerItSaysThatItIsDone(Jomble jomble) {
        send(client + "/wears", Map.of("pieces", List.of("a")));
        jomble.bean(JdbcTemplate.class)
                .update("update done_request set answer = null, digest = null where id = ?", key);
        Answer again = send(client + "/wears", Map.of("pieces", List.of("a")));
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.json()).containsEntry("code", "already-done");
        assertThat(stylist.get(client + "/wears").at("a", "times")).isEqualTo(1);
    }

    @Test
    void keysOfTwoStudiosAreTwo(Jomble jomble) {
        jomble.newStudio("Other keys", key + "@keys.example", "password");
        Caller other = jomble.anonymous();
        other.signIn(key + "@keys.example", "password");
        Object own = send("/api/v1/clients", Map.of("name", "Vera")).at("id");
        Answer theirs = other.send("POST", "/api/v1/clients", Map.of("name", "Vera"), "Idempotency-Key", key);
        assertThat(theirs.status()).isEqualTo(201);
        assertThat(theirs.at("id")).isNotEqualTo(own);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "short",
                "with a space in it",
                "x123456789x123456789x123456789x123456789x123456789x123456789x1234"
            })
    void aKeyThatIsNoneIsRefused(String wrong) {
        Answer refused =
                stylist.send("POST", client + "/wears", Map.of("pieces", List.of("a")), "Idempotency-Key", wrong);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json()).containsEntry("code", "not-a-key");
    }
}
