package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import jomble.core.document.WardrobeReader;
import jomble.core.piece.Kinds;
import jomble.core.piece.PieceId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindingTextsTest {
    record SeasonsApart(String clothA, String clothB, int distance) {}

    record TooAlike(double deltaE, double limit) {}

    private static final List<PieceId> PAIR = List.of(new PieceId("jacket"), new PieceId("skirt"));

    @ParameterizedTest
    @CsvSource({"1, 1 season apart.", "2, 2 seasons apart."})
    void countsInSingularAndPlural(int distance, String end) {
        Record evidence = new SeasonsApart("linen", "flannel", distance);
        assertThat(text("season.cloth", evidence))
                .startsWith("The jacket in linen")
                .endsWith(end);
    }

    /** Eleven point nine six is below twelve, and has to look it. */
    @ParameterizedTest
    @CsvSource({"11.7124, 11.7", "11.9612, 11.96", "9.9999, 10", "0.4567, 0.46", "3, 3"})
    void readsNumbersWithOneDecimalUnlessThatWouldHideTheMiss(double deltaE, String read) {
        Finding finding = new Finding("suit.contrast", FindingKind.MAJOR, PAIR, new TooAlike(deltaE, 12));
        assertThat(FindingTexts.exact(finding, PieceId::value))
                .hasValueSatisfying(
                        exact -> assertThat(exact).startsWith(read + " apart").endsWith("12 is the least"));
    }

    /** Units and scores are for those who ask, not for a client's sentence. */
    @Test
    void keepsMeasuresOutOfTheSentences() {
        FindingTexts.texts().forEach((key, text) -> {
            if (!key.toString().endsWith(".exact")) {
                assertThat(text.toString())
                        .as(key.toString())
                        .doesNotContain(
                                "{clo}", " clo ", "PMV", "ΔE", "deltaE", "deltaL", "{score}", "stature", "{bulk}");
            }
        });
    }

    record NotMet(String occasion, String requirements) {}

    @Test
    void beginsWithACapitalWhateverTheOccasionIsCalled() {
        assertThat(text("dress-code", new NotMet("council evening", "no denim")))
                .isEqualTo("Council evening asks for what is not met: no denim.");
    }

    @ParameterizedTest
    @CsvSource({
        "chunky-knit, cable-knit, Oat cable chunky knit",
        "chunky-knit, boucle, Oat boucle chunky knit",
        "scarf, cable-knit, Oat cable knit scarf"
    })
    void labelsSayAClothOnce(String kind, String cloth, String label) {
        Map<String, Object> piece = Map.of("id", "p", "kind", kind, "cloth", cloth, "colours", List.of("#d9ccb4"));
        assertThat(WardrobeReader.read(Map.of("pieces", List.of(piece)), Kinds.shipped())
                        .pieces()
                        .get(0)
                        .label())
                .isEqualTo(label);
    }

    private static String text(String rule, Record evidence) {
        Finding finding = new Finding(rule, FindingKind.MAJOR, PAIR, evidence);
        return FindingTexts.text(finding, id -> "The " + id.value());
    }
}
