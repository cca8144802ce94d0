package jomble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Calls that stream send what the API document says they do: no type of Java ties the two together. */
@ExtendWith(RunningJomble.class)
class StreamedEventsTest {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final JsonNode DOCUMENT = document();
    private static final String PLAN = "{\"wishes\": {\"size\": 8, \"seasons\": [\"winter\"]}, \"budgetMillis\": 300}";
    private static final String SHARED =
            "{\"wishes\": {\"size\": 8, \"seasons\": [\"winter\", \"summer\"]}, \"core\": 4, \"budgetMillis\": 300}";
    /** What a call asks that would otherwise take long, or send nothing. */
    private static final Map<String, String> ASKED = Map.of(
            "/capsule-plan",
            "?asked=" + URLEncoder.encode(PLAN, StandardCharsets.UTF_8),
            "/capsules-sharing-a-core",
            "?asked=" + URLEncoder.encode(SHARED, StandardCharsets.UTF_8),
            "/counts/contexts",
            "?counting=bases",
            // nothing that another test has asked for already: what is known is sent at once
            "/counts",
            "?counting=jacket,shoes,neck");

    private static JsonNode document() {
        try {
            return JSON.readTree(Files.readString(Path.of("../web/src/api/openapi.json")));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static Stream<String> streams() {
        return DOCUMENT.path("paths").properties().stream()
                .filter(path -> !events(path.getValue()).isMissingNode())
                .map(Map.Entry::getKey);
    }

    private static JsonNode events(JsonNode path) {
        return path.at("/get/responses/200/content/text~1event-stream/schema/oneOf");
    }

    @ParameterizedTest
    @MethodSource("streams")
    void sendWhatTheDocumentSays(String path, Jomble jomble) {
        Map<String, JsonNode> described = new HashMap<>();
        events(DOCUMENT.path("paths").path(path)).forEach(event -> {
            JsonNode properties = event.path("properties");
            described.put(properties.at("/event/const").asString(), properties.path("data"));
        });
        Caller stylist = jomble.stylist();
        String call = path.replace("/api/v1/clients/{clientId}", "");
        String sent = stylist.get(tomas(stylist) + call + ASKED.getOrDefault(call, ""))
                .text();
        TreeSet<String> names = new TreeSet<>();
        String name = "";
        for (String line : sent.lines().toList()) {
            if (line.startsWith("event:")) {
                name = line.substring("event:".length());
                names.add(name);
            } else if (line.startsWith("data:") && described.containsKey(name)) {
                agrees(name, JSON.readTree(line.substring("data:".length())), described.get(name));
            }
        }
        assertThat(names).as(sent).contains("complete").doesNotContain("refused");
        names.removeAll(List.of("complete", "progress"));
        TreeSet<String> expected = new TreeSet<>(described.keySet());
        expected.removeAll(List.of("complete", "progress", "refused"));
        assertThat(names).isEqualTo(expected);
    }

    private static void agrees(String where, JsonNode data, JsonNode schema) {
        JsonNode type =
                schema.has("$ref") ? DOCUMENT.at(schema.path("$ref").asString().substring(1)) : schema;
        if (data.isArray()) {
            data.forEach(item -> agrees(where + "[]", item, type.path("items")));
        } else if (data.isObject() && type.has("properties")) {
            data.properties().forEach(field -> {
                JsonNode property = type.path("properties").path(field.getKey());
                assertThat(property.isMissingNode())
                        .as(where + "." + field.getKey() + " is in the document")
                        .isFalse();
                agrees(where + "." + field.getKey(), field.getValue(), property);
            });
        } else if (data.isObject()) {
            assertThat(type.has("additionalProperties")).as(where).isTrue();
            data.forEach(value -> agrees(where + ".*", value, type.path("additionalProperties")));
        } else if (data.isString() && type.has("enum")) {
            assertThat(type.path("enum").valueStream().map(JsonNode::asString))
                    .as(where)
                    .contains(data.asString());
        }
    }

    private static String tomas(Caller stylist) {
        return stylist.get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").equals("Tomas Redfern"))
                .map(one -> "/api/v1/clients/" + one.get("id"))
                .findFirst()
                .orElseThrow();
    }
}
