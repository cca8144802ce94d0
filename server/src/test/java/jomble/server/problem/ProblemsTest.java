package jomble.server.problem;

import static java.nio.charset.StandardCharsets.US_ASCII;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.OutputStream;
import java.math.BigInteger;
import java.net.Socket;
import java.net.URI;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Scanner;
import java.util.UUID;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every way to be refused: one problem document with a stable code, never a trace of the inside. */
@ExtendWith(RunningJomble.class)
class ProblemsTest {
    private static final String NOWHERE = "/api/v1/clients/" + new UUID(0, 1);

    static Stream<Arguments> refusals() {
        String huge = "{\"wardrobe\":{\"notes\":\"" + "x".repeat(5_300_000) + "\"}}";
        return Stream.of(
                Arguments.of("POST", "/api/v1/compute/count", "{", 400, "not-json"),
                Arguments.of("POST", "/api/v1/compute/count", "[]", 400, "not-json"),
                Arguments.of("POST", "/api/v1/compute/count", "{}", 400, "invalid-input"),
                Arguments.of("POST", "/api/v1/compute/count", huge, 413, "too-large"),
                Arguments.of("POST", "/api/v1/clients", "{\"name\":\" \"}", 400, "invalid-input"),
                Arguments.of("GET", NOWHERE, null, 404, "not-found"),
                Arguments.of("GET", NOWHERE + "/pieces", null, 404, "not-found"),
                Arguments.of("GET", "/api/v1/clients/not-an-id", null, 400, "invalid-input"),
                Arguments.of("GET", "/api/v1/nothing-here", null, 404, "http-404"),
                Arguments.of("PATCH", "/api/v1/clients", "{}", 405, "http-405"));
    }

    @ParameterizedTest(name = "{0} {1} is answered {3} {4}")
    @MethodSource("refusals")
    void answersWithAProblemDocument(String method, String path, String body, int status, String code, Jomble jomble) {
        Answer answer = jomble.stylist().send(method, path, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.headers().firstValue("Content-Type"))
                .hasValueSatisfying(type -> assertThat(type).startsWith("application/problem+json"));
        assertThat(answer.json())
                .containsEntry("code", code)
                .containsEntry("type", "urn:jomble:problem:" + code)
                .containsEntry("status", status)
                .containsKeys("title", "detail", "errors");
        assertThat(answer.text()).doesNotContain("Exception", "jomble.server", "select ");
    }

    @ParameterizedTest(name = "{0}: {1} {2}")
    @CsvSource(delimiter = '|', textBlock = """
            {"name": "Vera", "nmae": "Vera"}       | /nmae    | unknown-field | did you mean "name"?
            {"name": ["Vera"]}                    | /name    | not-readable  | cannot be read here
            {"name": {"first": "Vera"}}           | /name    | not-readable  | cannot be read here
            {"name": "\\u200b\\u2800"}            | /name    | invisible     | nothing of this text can be seen
            """)
    void namesThePlaceOfWhatIsNotRead(String body, String pointer, String code, String words, Jomble jomble) {
        Answer answer = jomble.stylist().send("POST", "/api/v1/clients", body);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("errors", 0, "pointer")).isEqualTo(pointer);
        assertThat(answer.at("errors", 0, "code")).isEqualTo(code);
        assertThat(answer.at("errors", 0, "message").toString()).contains(words);
    }

    @Test
    void saysThatAParameterIsGivenTwice(Jomble jomble) {
        Answer answer = jomble.stylist().get(NOWHERE + "/formulas?daring=perhaps&daring=maybe");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).contains("given 2 times").doesNotContain("java.lang");
    }

    /** A connection closed while the body still arrives is reset, and the answer with it. */
    @ParameterizedTest(name = "a photo of {0} MB is answered {1}")
    @CsvSource({"18, 413", "12, 401"})
    void answersOneWhoIsStillSendingTheBody(int megabytes, int status, Jomble jomble) throws Exception {
        URI address = URI.create(jomble.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            OutputStream out = socket.getOutputStream();
            String head = "POST %s/pieces/%s/photos HTTP/1.1\r\nHost: x\r\nContent-Length: %d\r\n\r\n";
            out.write(head.formatted(NOWHERE, new UUID(0, 2), megabytes * 1_000_000)
                    .getBytes(US_ASCII));
            for (int i = 0; i < megabytes; i++) {
                out.write(new byte[1_000_000]);
                Thread.sleep(20);
            }
            assertThat(new Scanner(socket.getInputStream(), US_ASCII).nextLine())
                    .startsWith("HTTP/1.1 " + status);
        }
    }

    static Stream<Arguments> mistakes() {
        return Stream.of(
                mistake(
                        piece("cloth", "tweeed"),
                        "/wardrobe/pieces/0/cloth",
                        "unknown-value",
                        "did you mean \"tweed\"?"),
                mistake(piece("kind", "shirtt"), "/wardrobe/pieces/0/kind", "unknown-value", "did you mean \"shirt\"?"),
                mistake(piece("colours", List.of("#12345")), "/wardrobe/pieces/0/colours/0", "not-a-colour", "#rrggbb"),
                mistake(
                        piece("clothe", "denim"),
                        "/wardrobe/pieces/0/clothe",
                        "unknown-field",
                        "did you mean \"cloth\"?"),
                mistake(piece("clothWeight", 6), "/wardrobe/pieces/0/clothWeight", "out-of-range", "between 1 and 5"),
                mistake(piece("formality", 2.5), "/wardrobe/pieces/0/formality", "not-whole", "whole number"),
                mistake(piece("id", ""), "/wardrobe/pieces/0/id", "length", "1"));
    }

    private static Arguments mistake(Map<String, Object> piece, String pointer, String code, String words) {
        return Arguments.of(pointer, code, words, piece);
    }

    private static Map<String, Object> piece(String field, Object value) {
        Map<String, Object> piece = new HashMap<>(Map.of("id", "a", "kind", "shirt"));
        piece.put(field, value);
        return piece;
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("mistakes")
    void namesThePlaceOfAMistake(String pointer, String code, String words, Map<String, Object> piece, Jomble jomble) {
        Answer answer =
                jomble.program().post("/api/v1/compute/count", Map.of("wardrobe", Map.of("pieces", List.of(piece))));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("errors", 0, "pointer")).isEqualTo(pointer);
        assertThat(answer.at("errors", 0, "code")).isEqualTo(code);
        assertThat(answer.at("errors", 0, "message").toString()).contains(words);
        assertThat(answer.json().get("detail").toString()).startsWith(pointer);
    }

    @Test
    void refusesChangesOfAVersionThatIsNoLonger(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = (String)
                stylist.post("/api/v1/clients", Map.of("name", "Stale")).at("id");
        String pieces = "/api/v1/clients/" + client + "/pieces";
        stylist.post(pieces, Map.of("id", "a", "kind", "shirt"));
        assertThat(stylist.send("PUT", pieces + "/a", Map.of("kind", "blouse")).json())
                .containsEntry("code", "if-match-required");
        assertThat(stylist.put(pieces + "/a", Map.of("kind", "blouse"), "If-Match", "\"7\"")
                        .json())
                .containsEntry("code", "stale")
                .containsEntry("status", 412);
        assertThat(stylist.post(pieces, Map.of("id", "a", "kind", "shirt")).json())
                .containsEntry("code", "id-taken");
        assertThat(stylist.get(pieces).at(0, "kind")).isEqualTo("shirt");
    }

    @Test
    void writesACountBeyondALongExactlyAndAsText(Jomble jomble) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        List<String> kinds = List.of(
                "shirt",
                "jeans",
                "loafers",
                "cardigan",
                "blazer",
                "scarf",
                "belt",
                "necklace",
                "tote-bag",
                "felt-hat",
                "watch",
                "short-gloves",
                "brooch",
                "socks");
        for (String kind : kinds) {
            for (int i = 0; i < 40; i++) {
                pieces.add(Map.of("id", kind + i, "kind", kind));
            }
        }
        Answer answer = jomble.program()
                .post(
                        "/api/v1/compute/count",
                        Map.of("wardrobe", Map.of("pieces", pieces), "context", Map.of("countedSlots", "looks")));
        assertThat(answer.at("total")).isInstanceOf(String.class);
        BigInteger total = new BigInteger((String) answer.at("total"));
        assertThat(total).isGreaterThan(BigInteger.valueOf(Long.MAX_VALUE));
        BigInteger crossed = ((List<?>) answer.at("perPair", "top×bottom"))
                .stream()
                        .map(cell -> new BigInteger(String.valueOf(((Map<?, ?>) cell).get("n"))))
                        .reduce(BigInteger.ZERO, BigInteger::add);
        assertThat(crossed).as("every outfit has one top and one bottom").isEqualTo(total);
    }

    @Test
    void answersACountOfTooLargeAWardrobeWithNone(Jomble jomble) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        for (int i = 0; i < 4100; i++) {
            pieces.add(Map.of("id", "p" + i, "kind", "shirt"));
        }
        Answer answer = jomble.program().post("/api/v1/compute/count", Map.of("wardrobe", Map.of("pieces", pieces)));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json()).containsEntry("code", "over-budget").doesNotContainKey("total");
    }

    @ParameterizedTest(name = "{0} for {1}: {2}")
    @CsvSource({
        "/nowhere,             text/html,        text/html",
        "/clients-of-old/more, text/html,        text/html",
        "/nowhere,             application/json, application/problem+json",
        "/api/v1/nothing-here, text/html,        application/problem+json",
        "/assets/old-1.js,     text/html,        application/problem+json",
    })
    void aBrowserAtAnAddressThatLeadsNowhereGetsThePages(String path, String accepted, String type, Jomble jomble) {
        Answer answer = jomble.stylist().send("GET", path, null, "Accept", accepted);
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith(type);
        if (type.equals("text/html")) {
            assertThat(answer.text()).contains("id=\"root\"");
        }
    }
}
