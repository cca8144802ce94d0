package jomble.server.running;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import jomble.server.running.Caller.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every call the application takes, as its OpenAPI document has them: a call that is added is tried by what tries them all. */
public final class Calls {
    private static final Path DOCUMENT = Path.of("../web/src/api/openapi.json");
    private static final String JSON = "application/json";

    private Calls() {}

    /**
     * A call.
     *
     * @param path with names in braces
     * @param parameters names of what may be asked for in the query
     * @param takesJson whether it has a body of JSON
     * @param fields names of the body's fields, where they are fixed
     */
    public record Call(String method, String path, List<String> parameters, boolean takesJson, List<String> fields) {
        public boolean changes() {
            return !method.equals("GET");
        }

        public boolean isOfAClient() {
            return path.startsWith("/api/v1/clients/{");
        }

        public boolean isCompute() {
            return path.startsWith("/api/v1/compute/");
        }

        /** The path of one client, and of the first of whatever else it names. */
        public String of(String clientId) {
            return path.replace("{clientId}", clientId)
                    .replace("{id}", path.equals("/api/v1/clients/{id}") ? clientId : new UUID(0, 7).toString())
                    .replace("{ref}", "p1")
                    .replace("{setId}", "s1")
                    .replace("{size}", "small")
                    .replace("{name}", "none");
        }

        /** Made with no more than must be said. */
        public Answer by(Caller caller, String clientId) {
            return caller.send(method, of(clientId), changes() ? "{}" : null);
        }

        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    public static Stream<Call> all() {
        JsonNode document;
        try {
            document = JsonMapper.builder().build().readTree(Files.readString(DOCUMENT));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        List<Call> calls = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                List<String> parameters = new ArrayList<>();
                method.getValue().path("parameters").forEach(parameter -> {
                    if (parameter.get("in").asString().equals("query")) {
                        parameters.add(parameter.get("name").asString());
                    }
                });
                JsonNode content = method.getValue().path("requestBody").path("content");
                String schema = content.path(JSON).path("schema").path("$ref").asString("");
                List<String> fields = new ArrayList<>();
                document.at(schema.isEmpty() ? "/none" : schema.substring(1))
                        .path("properties")
                        .properties()
                        .forEach(property -> fields.add(property.getKey()));
                calls.add(new Call(
                        method.getKey().toUpperCase(Locale.ROOT),
                        path.getKey(),
                        parameters,
                        content.has(JSON),
                        fields));
            }
        }
        return calls.stream();
    }
}
