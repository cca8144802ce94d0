package jomble.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Calls;
import jomble.server.running.Calls.Call;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every call, with what no page of ours would send: it is answered or refused, and never breaks. */
@ExtendWith(RunningJomble.class)
class StrangeCallsTest {
    private static final List<Object> VALUES = Arrays.asList(
            null,
            "",
            " ",
            "nothing",
            "x".repeat(5000),
            "\u0000\u202e\uD83E\uDDE5",
            -1,
            0,
            2.5,
            1e300,
            Long.MAX_VALUE,
            true,
            List.of(),
            Arrays.asList((Object) null),
            List.of(""),
            List.of("p1", "p1"),
            List.of("\uD83E\uDDE5".repeat(40)),
            List.of(1, true),
            List.of(Map.of()),
            Map.of(),
            Map.of("", ""),
            Map.of("top", List.of()),
            Map.of("top", "p1"));

    private static final List<String> QUERIES = List.of(
            "",
            " ",
            "nothing",
            "-1",
            "0",
            "13",
            "2.5",
            "99999999999999999999",
            "%00",
            ",",
            ",,1",
            "{",
            "[]",
            "p1",
            "top",
            "top,top",
            "{\"without\":[\"p1\",null]}",
            "\u202e\uD83E\uDDE5",
            "x".repeat(2000));

    /** Of bodies that are documents, some fields they have; how documents are read is tried out in the core. */
    private static final List<String> OF_DOCUMENTS =
            List.of("id", "kind", "wardrobe", "context", "pieces", "whatIf", "schools", "offset");

    private static String client;

    @BeforeAll
    static void aClientWithTwoPieces(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String path = stylist.newClient();
        client = path.substring(path.lastIndexOf('/') + 1);
        stylist.post(path + "/pieces", Map.of("id", "p1", "kind", "shirt"));
        stylist.post(path + "/pieces", Map.of("id", "p2", "kind", "jeans"));
    }

    static Stream<Call> withABody() {
        return Calls.all().filter(call -> call.takesJson() && !call.path().endsWith("/session"));
    }

    static Stream<Call> withAQuery() {
        return Calls.all().filter(call -> !call.parameters().isEmpty());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("withABody")
    void noBodyBreaksACall(Call call, Jomble jomble) {
        Caller stylist = jomble.stylist();
        List<Object> bodies = new ArrayList<>(List.of("{", "[]", "null", "\"\"", "1", "{}", "{\"a\":1,\"a\":2}"));
        for (String field : call.fields().isEmpty() ? OF_DOCUMENTS : call.fields()) {
            for (Object value : VALUES) {
                Map<String, Object> body = new LinkedHashMap<>();
                body.put(field, value);
                bodies.add(body);
            }
        }
        for (Object body : bodies) {
            isAnsweredOrRefused(stylist.send(call.method(), call.of(client), body), String.valueOf(body));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("withAQuery")
    void noQueryBreaksACall(Call call, Jomble jomble) {
        Caller stylist = jomble.stylist();
        for (String parameter : call.parameters()) {
            for (String value : QUERIES) {
                String query = "?" + parameter + "=" + URLEncoder.encode(value, StandardCharsets.UTF_8);
                String body = call.changes() ? "{}" : null;
                isAnsweredOrRefused(stylist.send(call.method(), call.of(client) + query, body), query);
            }
        }
    }

    /** What is refused says why, and names the place where there is one. */
    private static void isAnsweredOrRefused(Answer answer, String asked) {
        assertThat(answer.status()).as("%s: %s", asked, answer.text()).isBetween(200, 499);
        if (answer.status() >= 400) {
            assertThat(answer.headers().firstValue("Content-Type").orElse(""))
                    .as(asked)
                    .startsWith("application/problem+json");
            assertThat(answer.json().get("code").toString()).as(asked).isNotBlank();
            assertThat(answer.json().get("detail").toString())
                    .as(asked)
                    .isNotBlank()
                    .doesNotContain("Exception", "java.", "jomble.server");
            ((List<?>) answer.json().get("errors"))
                    .forEach(error -> assertThat(((Map<?, ?>) error).get("pointer"))
                            .as(asked)
                            .isNotNull());
        }
    }
}
