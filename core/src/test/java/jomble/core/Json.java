package jomble.core;

import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads JSON into the trees the core takes. */
public final class Json {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();

    private Json() {}

    public static Map<String, Object> object(String text) {
        return MAPPER.readValue(text.replace('\'', '"'), new TypeReference<>() {});
    }

    public static Map<String, Object> resource(String path) {
        InputStream in = Json.class.getResourceAsStream(path);
        if (in == null) {
            throw new IllegalArgumentException("no resource " + path);
        }
        return MAPPER.readValue(in, new TypeReference<>() {});
    }

    /** The lines of a text resource. */
    public static Stream<String> lines(String path) {
        InputStream in = Json.class.getResourceAsStream(path);
        if (in == null) {
            throw new IllegalArgumentException("no resource " + path);
        }
        return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)).lines();
    }

    public static String write(Object tree) {
        return MAPPER.writeValueAsString(tree);
    }
}
