package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.tree.Node;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoatToTakeTest {
    private static final List<Map<String, Object>> CLOTHES = List.of(
            Map.of("id", "knit", "kind", "fine-knit", "colours", List.of("#22304d")),
            Map.of("id", "trousers", "kind", "tailored-trousers", "colours", List.of("#85868a")),
            Map.of("id", "shoes", "kind", "lace-up-shoes", "colours", List.of("#17171a")));

    /** Of a navy wool coat, a down coat, a raincoat and none, the one that a stylist would hand over. */
    @ParameterizedTest(name = "{0} °C, recorded {1}, {2} minutes outdoors")
    @CsvSource(
            nullValues = "none",
            value = {
                "2, wool-coat, 30, wool-coat",
                "2, wool-coat raincoat, 30, wool-coat",
                "2, raincoat, 30, none",
                "2, none, 30, none",
                "2, wool-coat, 0, none",
                "18, wool-coat, 30, none",
                "2, wool-coat down-coat, 30, wool-coat",
                "-8, wool-coat down-coat, 30, none"
            })
    void namesTheCoatThatDoesIt(double airC, String recorded, int minutes, String coat) {
        List<Map<String, Object>> pieces = new ArrayList<>(CLOTHES);
        for (String kind : recorded == null ? new String[0] : recorded.split(" ")) {
            pieces.add(Map.of("id", kind, "kind", kind, "colours", List.of("#22304d")));
        }
        Node node = Node.root(Map.of(
                "wardrobe",
                Map.of("pieces", pieces),
                "context",
                Map.of(
                        "weather", Map.of("lowC", airC, "highC", airC),
                        "occasion", Map.of("name", "desk day", "outdoorMinutes", minutes)),
                "outfits",
                List.of(Map.of("top", "knit", "bottom", "trousers", "shoes", "shoes"))));
        Question question = QuestionReader.read(node);
        Judge judge = new Judge(Catalogue.standard(), question.contexts().get(0));
        Judgement judged = judge.best(QuestionReader.outfits(node.field("outfits"), question.wardrobe())
                .get(0));
        Optional<CoatToTake.Taken> found =
                CoatToTake.of(judge, judged, question.wardrobe().pieces());
        String note = OutfitNote.ofCoat(
                found.map(CoatToTake.Taken::coat).orElse(null),
                question.wardrobe().pieces());
        assertThat(note)
                .contains(
                        coat != null
                                ? "is warm enough"
                                : recorded == null ? "or record one" : "of those recorded none");
        found.ifPresentOrElse(
                taken -> {
                    assertThat(taken.coat().id().value()).isEqualTo(coat);
                    assertThat(taken.judgement().findings())
                            .extracting(Finding::rule)
                            .doesNotContain("weather.warmth");
                },
                () -> assertThat(coat).isNull());
    }
}
