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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

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
            isAnsweredOrRefused(
                    stylist.send(call.method(), call.of(client), body, "If-Match", "\"1\""), String.valueOf(body));
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
                isAnsweredOrRefused(
                        stylist.send(call.method(), call.of(client) + query, body, "If-Match", "\"1\""), query);
            }
        }
    }

    static Stream<Arguments> harmful() {
        String piece = "{\"id\":\"h\",\"kind\":\"shirt\",%s}";
        return Stream.of(
                Arguments.of("a number of a thousand million digits", piece.formatted("\"formality\":1e999999999")),
                Arguments.of("its inverse", piece.formatted("\"warmthClo\":1e-999999999")),
                Arguments.of(
                        "a number written in many digits", piece.formatted("\"formality\":" + "9".repeat(100_000))),
                Arguments.of("deep nesting", piece.formatted("\"set\":" + "[".repeat(10_000) + "]".repeat(10_000))),
                Arguments.of("a long name", piece.formatted("\"" + "n".repeat(10_000) + "\":1")),
                Arguments.of("a long text", piece.formatted("\"notes\":\"" + "n".repeat(1_000_000) + "\"")),
                Arguments.of("a ref too long to be kept", "{\"id\":\"" + "r".repeat(65) + "\",\"kind\":\"shirt\"}"),
                Arguments.of("null for a piece", "null"),
                Arguments.of("null for a list", piece.formatted("\"colours\":[null]")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("harmful")
    void whatWouldHarmOthersIsRefused(String what, String body, Jomble jomble) {
        Caller stylist = jomble.stylist();
        Answer answer = stylist.send("POST", "/api/v1/clients/" + client + "/pieces", body);
        isAnsweredOrRefused(answer, what);
        assertThat(answer.status()).isBetween(400, 413);
        String wardrobe = "{\"wardrobe\":{\"pieces\":[" + body + "]}}";
        assertThat(jomble.program()
                        .send("POST", "/api/v1/compute/count", wardrobe)
                        .status())
                .isBetween(400, 413);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"multipart/form-data; boundary=x", "application/x-www-form-urlencoded", "text/plain", "image/png"
            })
    void aBodyOfAnotherSortIsRefused(String type, Jomble jomble) {
        for (String path : List.of("/api/v1/session", "/api/v1/clients", "/api/v1/compute/count")) {
            for (Caller caller : List.of(jomble.anonymous(), jomble.stylist(), jomble.program())) {
                caller.get("/api/v1/session");
                Answer answer = caller.sendText(
                        "POST", path, "--x\r\nContent-Disposition: form-data\r\n\r\n", "Content-Type", type);
                assertThat(answer.status()).as("%s: %s", path, answer.text()).isIn(400, 401, 403, 415);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"//", "/api/v1/clients/%2e%2e", "/api/v1/clients;a=b", "/error", "/nothing.html", "/actuator"})
    void anAddressOfAStrangeFormIsNothing(String path, Jomble jomble) {
        Answer toProgram = jomble.anonymous().get(path);
        isAnsweredOrRefused(toProgram, path);
        assertThat(toProgram.status()).isIn(400, 404);
        Answer toBrowser = jomble.anonymous().send("GET", path, null, "Accept", "text/html");
        assertThat(toBrowser.status()).isEqualTo(toProgram.status());
        assertThat(toBrowser.text()).doesNotContain("Exception", "Whitelabel", "Tomcat");
    }

    @Test
    void refsTooLongToBeKeptAreNobodys(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String ref = "r".repeat(65);
        String path = "/api/v1/clients/" + client;
        assertThat(stylist.put(path + "/pieces/" + ref, Map.of("kind", "shirt"), "If-Match", "\"0\"")
                        .status())
                .isEqualTo(404);
        assertThat(stylist.delete(path + "/pieces/" + ref).status()).isEqualTo(404);
        assertThat(stylist.sendBytes(path + "/pieces/" + ref + "/photos", new byte[10])
                        .status())
                .isIn(404, 415);
        Map<String, Object> set = Map.of("kind", "suit", "label", "Long", "pieces", List.of("p1"));
        assertThat(stylist.put(path + "/sets/" + ref, set).status()).isEqualTo(400);
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
