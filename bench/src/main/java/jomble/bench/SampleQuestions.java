package jomble.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountQuestion;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;

/** Questions about made-up wardrobes of any size, from one fixed seed. */
final class SampleQuestions {
    private static final long SEED = 20_270_112;
    private static final double HUE_SHARE = 0.3;
    private static final List<Map<String, Object>> CLIMATE = List.of(
            Map.of("month", 1, "lowC", 1, "highC", 5, "humidity", 80, "windMs", 6, "rainDays", 17),
            Map.of("month", 7, "lowC", 13, "highC", 21, "humidity", 70, "windMs", 5, "rainDays", 9));

    private SampleQuestions() {}

    /** @param context in document form */
    static CountQuestion of(int size, Map<String, Object> context) {
        return of(SampleWardrobe.pieces(SEED, size, HUE_SHARE), context);
    }

    /** Without belts, scarves and all else that would be filled in: what a plain loop over the counted slots can count as well. */
    static CountQuestion clothesAndShoesOnly(int size) {
        CountQuestion whole = of(size, Map.of());
        return new CountQuestion(
                whole.pieces().stream()
                        .filter(piece -> piece.roles().stream().allMatch(whole.counted()::has))
                        .toList(),
                whole.contexts(),
                whole.counted(),
                false,
                List.of(),
                false);
    }

    private static CountQuestion of(List<Map<String, Object>> pieces, Map<String, Object> context) {
        Map<String, Object> wardrobe = new LinkedHashMap<>();
        wardrobe.put("brief", Map.of("climate", CLIMATE));
        wardrobe.put("pieces", pieces);
        Node node = Node.root(Map.of("wardrobe", wardrobe, "context", context));
        Question question = QuestionReader.read(node);
        node.finish();
        return question.toCount().withoutCompletions();
    }
}
