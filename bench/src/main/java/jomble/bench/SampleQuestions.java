package jomble.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jomble.core.counting.CountQuestion;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;

/** Questions about made-up wardrobes of any size, from one fixed seed. */
final class SampleQuestions {
    private static final long SEED = 20_270_112;
    private static final double HUE_SHARE = 0.3;
    /** A temperate coast: low and high in °C, humidity in percent, wind in m/s and days of rain, from January on. */
    private static final int[][] MONTHS = {
        {1, 5, 80, 6, 17},
        {1, 6, 79, 6, 14},
        {3, 9, 76, 6, 14},
        {5, 13, 72, 5, 12},
        {9, 17, 71, 5, 11},
        {12, 20, 71, 5, 11},
        {14, 22, 71, 5, 11},
        {14, 22, 72, 5, 12},
        {11, 19, 76, 5, 13},
        {8, 14, 80, 6, 15},
        {5, 9, 82, 6, 17},
        {2, 6, 83, 6, 17}
    };

    private static final List<Map<String, Object>> CLIMATE =
            IntStream.range(0, MONTHS.length).mapToObj(SampleQuestions::month).toList();

    private SampleQuestions() {}

    private static Map<String, Object> month(int index) {
        int[] of = MONTHS[index];
        return Map.of(
                "month",
                index + 1,
                "lowC",
                of[0],
                "highC",
                of[1],
                "humidity",
                of[2],
                "windMs",
                of[3],
                "rainDays",
                of[4]);
    }

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
