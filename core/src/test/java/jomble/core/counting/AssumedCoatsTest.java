package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AssumedCoatsTest {
    private static final Counter COUNTER = new DiagramCounter(Catalogue.standard());
    private static final List<Map<String, Object>> CLOTHES = List.of(
            Map.of("id", "knit", "kind", "fine-knit", "colours", List.of("#22304d")),
            Map.of("id", "trousers", "kind", "tailored-trousers", "colours", List.of("#85868a")),
            Map.of("id", "shoes", "kind", "lace-up-shoes", "colours", List.of("#17171a")));
    private static final Map<String, Object> COAT =
            Map.of("id", "coat", "kind", "wool-coat", "colours", List.of("#22304d"));

    private static CountQuestion question(
            List<Map<String, Object>> pieces, double lowC, double highC, String counted, String coats) {
        Node node = Node.root(Map.of(
                "wardrobe",
                Map.of("pieces", pieces),
                "context",
                Map.of(
                        "weather", Map.of("lowC", lowC, "highC", highC),
                        "countedSlots", counted,
                        "coats", coats)));
        CountQuestion question = QuestionReader.read(node).toCount();
        node.finish();
        return question;
    }

    private static BigInteger total(CountQuestion question) {
        return COUNTER.totals(question, Progress.NONE).total();
    }

    /** One outfit: how many count, and how many of them want a coat nobody recorded. */
    @ParameterizedTest(name = "{0} °C, coat recorded: {1}")
    @CsvSource(
            nullValues = "none",
            value = {"2, false, 1, 1", "2, true, 1, 0", "9, false, 1, 0", "16, false, 1, none", "-25, false, 0, 0"})
    void saysHowManyWantOne(double airC, boolean hasCoat, int total, Integer wanting) {
        List<Map<String, Object>> pieces = new ArrayList<>(CLOTHES);
        if (hasCoat) {
            pieces.add(COAT);
        }
        CountQuestion question = question(pieces, airC, airC, "outfits", "assumed");
        BigInteger counted = total(question);
        assertThat(counted).isEqualTo(total);
        assertThat(AssumedCoats.of(COUNTER, question, counted, Progress.NONE)
                        .map(BigInteger::intValueExact)
                        .orElse(null))
                .isEqualTo(wanting);
    }

    /** Recording a coat never lowers a count, and without one assumed nothing more works. */
    @ParameterizedTest
    @ValueSource(strings = {"outfits", "looks"})
    void recordingACoatNeverLowersACount(String counted) {
        for (int seed = 1; seed <= Integer.getInteger("jomble.coats", 12); seed++) {
            List<Map<String, Object>> pieces = SampleWardrobe.pieces(seed, 16, 0.1);
            List<Map<String, Object>> more = new ArrayList<>(pieces);
            more.add(COAT);
            for (double airC : new double[] {-6, 2, 7, 11}) {
                BigInteger without = total(question(pieces, airC, airC + 5, counted, "assumed"));
                assertThat(total(question(more, airC, airC + 5, counted, "assumed")))
                        .as("seed %d at %s °C", seed, airC)
                        .isGreaterThanOrEqualTo(without);
                assertThat(total(question(pieces, airC, airC + 5, counted, "recorded")))
                        .as("seed %d at %s °C, recorded", seed, airC)
                        .isLessThanOrEqualTo(without);
            }
        }
    }
}
