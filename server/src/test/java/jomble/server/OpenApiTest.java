package jomble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The OpenAPI document the front end's client was generated from is the one the server serves. After a change of the
 * API run this test with {@code -Djomble.write=true}, then {@code npm run api} in {@code web}.
 */
@ExtendWith(RunningJomble.class)
class OpenApiTest {
    private static final Path KEPT = Path.of("../web/src/api/openapi.json");
    private static final Path SCHEMA = Path.of("../docs/wardrobe.schema.json");
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void documentOfTheClientIsCurrent(Jomble jomble) throws IOException {
        agrees(jomble.anonymous().get("/api/v1/openapi").text().replace(jomble.address(), "http://127.0.0.1"), KEPT);
    }

    @Test
    void publishedSchemaIsCurrent(Jomble jomble) throws IOException {
        agrees(jomble.anonymous().get("/api/v1/schema/wardrobe.json").text(), SCHEMA);
    }

    /** The page is served without a network, and every call says in a sentence what it does. */
    @Test
    void referenceIsServedAndSaysWhatCallsDo(Jomble jomble) {
        assertThat(jomble.anonymous().get("/swagger-ui/index.html").text())
                .contains("swagger-ui-bundle.js")
                .doesNotContain("http://", "https://");
        assertThat(jomble.anonymous().get("/swagger-ui/swagger-ui-bundle.js").status())
                .isEqualTo(200);
        Map<String, Map<String, Map<String, Object>>> paths =
                JSON.convertValue(jomble.anonymous().get("/api/v1/openapi").at("paths"), new TypeReference<>() {});
        Set<String> chapters = new TreeSet<>();
        List<String> silent = new ArrayList<>();
        paths.forEach((path, calls) -> calls.forEach((method, call) -> {
            ((List<?>) call.get("tags")).forEach(tag -> chapters.add(tag.toString()));
            if (call.get("summary") == null && call.get("description") == null) {
                silent.add(method + " " + path);
            }
        }));
        assertThat(silent).isEmpty();
        List<Map<String, String>> described =
                JSON.convertValue(jomble.anonymous().get("/api/v1/openapi").at("tags"), new TypeReference<>() {});
        assertThat(described).extracting(tag -> tag.get("name")).containsExactlyElementsOf(chapters);
        assertThat(described)
                .allSatisfy(
                        tag -> assertThat(tag.get("description")).isNotBlank().doesNotContain("null", "ontroller"));
    }

    private static void agrees(String served, Path kept) throws IOException {
        Object tree = JSON.readValue(served, Object.class);
        if (Boolean.getBoolean("jomble.write")) {
            Files.writeString(kept, JSON.writeValueAsString(tree) + "\n");
        }
        assertThat(tree).isEqualTo(JSON.readValue(Files.readString(kept), Object.class));
    }
}
