package jomble.core.counting.exact;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jomble.core.counting.Counts;
import jomble.core.counting.NeverTogether;
import jomble.core.counting.Progress;
import jomble.core.counting.RandomPickCoverage;
import jomble.core.counting.SlotPair;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;

/** The example of {@code docs/counting.md}: whoever follows it with a pencil finds these figures. */
class WorkedExampleTest {
    private static final List<Map<String, Object>> PIECES = List.of(
            Map.of("id", "t1", "kind", "shirt", "colours", List.of("#f4f4f2")),
            Map.of(
                    "id",
                    "t2",
                    "kind",
                    "t-shirt",
                    "colours",
                    List.of("#22304d", "#f4f4f2"),
                    "pattern",
                    "stripe",
                    "patternScale",
                    "small"),
            Map.of("id", "t3", "kind", "fine-knit", "colours", List.of("#2b5a45")),
            Map.of("id", "b1", "kind", "tailored-trousers", "colours", List.of("#5b5f66")),
            Map.of(
                    "id",
                    "b2",
                    "kind",
                    "chinos",
                    "colours",
                    List.of("#8a6d4b", "#4a3a28"),
                    "pattern",
                    "check",
                    "patternScale",
                    "small"),
            Map.of("id", "c1", "kind", "raincoat", "colours", List.of("#22304d")),
            Map.of("id", "s1", "kind", "loafers", "colours", List.of("#17181a")),
            Map.of("id", "s2", "kind", "sandals", "colours", List.of("#b98a5a")));

    @Test
    void countsWhatThePageSays() {
        Node node = Node.root(Map.of(
                "wardrobe",
                Map.of("format", "jomble-wardrobe", "version", 1, "pieces", PIECES),
                "context",
                Map.of(
                        "weather",
                        Map.of("lowC", 8, "highC", 14, "rainChance", 0.2),
                        "countedSlots",
                        List.of("top", "bottom", "shoes"))));
        Question question = QuestionReader.read(node);
        node.finish();
        Counts counts = new DiagramCounter(Catalogue.standard())
                .count(question.toCount(), List.of(SlotPair.TOPS_AND_BOTTOMS), Progress.NONE);
        assertThat(counts.total()).isEqualTo(BigInteger.valueOf(5));
        assertThat(counts.daring()).isEqualTo(BigInteger.valueOf(6));
        assertThat(counts.paper()).isEqualTo(BigInteger.valueOf(12));
        assertThat(counts.shareInTheDark()).isEqualTo(new RandomPickCoverage(5, 12));
        assertThat(counts.perPiece().entrySet().stream()
                        .collect(Collectors.toMap(
                                one -> one.getKey().value(),
                                one -> one.getValue().intValue())))
                .isEqualTo(Map.of("t1", 2, "t2", 1, "t3", 2, "b1", 3, "b2", 2, "s1", 5, "s2", 0, "c1", 5));
        assertThat(counts.neverTogether())
                .containsExactly(new NeverTogether(new PieceId("t2"), new PieceId("b2"), "pattern.pair"));
    }
}
