package jomble.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import jomble.core.counting.CountQuestion;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.tree.Node;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The 64-piece wardrobe of the demonstration, as it stands in the repository. */
final class DemoWardrobe {
    private static final Path DOCUMENT = Path.of("../server/src/main/resources/demo/ines-halvard.json");

    private DemoWardrobe() {}

    /** @param context a context in document form, such as {@code {"months": [12, 1, 2]}} */
    static Question question(String context) throws java.io.IOException {
        JsonMapper json = JsonMapper.builder().build();
        TypeReference<Map<String, Object>> tree = new TypeReference<>() {};
        Path path =
                Files.exists(DOCUMENT) ? DOCUMENT : Path.of(".").resolve(DOCUMENT.subpath(1, DOCUMENT.getNameCount()));
        Map<String, Object> wardrobe = json.readValue(Files.readString(path), tree);
        Node node = Node.root(Map.of("wardrobe", wardrobe, "context", json.readValue(context, tree)));
        Question question = QuestionReader.read(node);
        node.finish();
        return question;
    }

    static CountQuestion count(String context) throws java.io.IOException {
        return question(context).toCount();
    }
}
