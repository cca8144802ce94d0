package jomble.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import jomble.core.counting.CountQuestion;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.tree.Node;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The wardrobes of the demonstration, as they stand in the repository. */
public final class DemoWardrobe {
    private static final Path DOCUMENTS = Path.of("../server/src/main/resources/demo");
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private DemoWardrobe() {}

    /** Of the client with 64 pieces. */
    static Question question(String context) {
        return question("ines-halvard", JSON.readValue(context, TREE));
    }

    /**
     * @param client the name of the client's file
     * @param context a context in document form, such as {@code {"months": [12, 1, 2]}}
     */
    static Question question(String client, Map<String, Object> context) {
        Node node = Node.root(Map.of("wardrobe", document(client), "context", context));
        Question question = QuestionReader.read(node);
        node.finish();
        return question;
    }

    public static Map<String, Object> document(String client) {
        Path folder = Files.exists(DOCUMENTS)
                ? DOCUMENTS
                : Path.of(".").resolve(DOCUMENTS.subpath(1, DOCUMENTS.getNameCount()));
        try {
            return JSON.readValue(Files.readString(folder.resolve(client + ".json")), TREE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static CountQuestion count(String context) {
        return question(context).toCount();
    }
}
