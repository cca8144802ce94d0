package jomble.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The stateless calls, by their contract. */
@ExtendWith(RunningJomble.class)
class ComputeApiTest {
    private static final Map<String, Object> WARDROBE = Map.of(
            "pieces",
            List.of(
                    Map.of("id", "shirt", "kind", "shirt", "colours", List.of("#f4f4f2")),
                    Map.of("id", "tee", "kind", "t-shirt", "colours", List.of("#17171a")),
                    Map.of("id", "jeans", "kind", "jeans", "colours", List.of("#22304d")),
                    Map.of("id", "trousers", "kind", "tailored-trousers", "colours", List.of("#2a3758")),
                    Map.of("id", "loafers", "kind", "loafers", "colours", List.of("#5c3d29")),
                    Map.of("id", "sandals", "kind", "sandals", "colours", List.of("#b58a59"))));

    @Test
    void judgesOutfitsInTheOrderAskedWithReasons(Jomble jomble) {
        Map<String, Object> weather = Map.of("lowC", 4, "highC", 7, "humidity", 75, "windMs", 5, "rainChance", 0.6);
        Answer answer = jomble.program()
                .post(
                        "/api/v1/compute/judge",
                        Map.of(
                                "wardrobe", WARDROBE,
                                "context", Map.of("weather", weather),
                                "outfits",
                                        List.of(
                                                Map.of("top", "shirt", "bottom", "jeans", "shoes", "sandals"),
                                                Map.of("top", "tee", "shoes", "loafers"))));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("verdicts", 0, "verdict")).isEqualTo("no");
        assertThat(rules(answer, 0)).contains("weather.warmth", "weather.toes");
        assertThat(answer.at("verdicts", 0, "findings", 0, "text").toString()).contains("4.8 °C");
        assertThat(rules(answer, 1)).contains("structure");
        assertThat((Map<?, ?>) answer.at("verdicts", 0, "measures"))
                .extracting("clo", "comfortLowC", "comfortHighC", "formality", "scheme", "breaks")
                .doesNotContainNull();
    }

    private static List<Object> rules(Answer answer, int verdict) {
        return ((List<?>) answer.at("verdicts", verdict, "findings"))
                .stream()
                        .map(finding -> (Object) ((Map<?, ?>) finding).get("rule"))
                        .toList();
    }

    /** A knit and trousers at 2 °C, with a wool coat recorded or none, coats assumed or not. */
    @ParameterizedTest(name = "coat recorded: {0}, coats {1}")
    @CsvSource(
            nullValues = "none",
            value = {
                "true,  assumed,  works,  coat, 0",
                "false, assumed,  works,  none, 1",
                "true,  recorded, works,  none, none",
                "false, recorded, no,     none, none"
            })
    void aCoatIsAnAnswerToTheWeather(
            boolean hasCoat, String coats, String verdict, String coat, Integer wanting, Jomble jomble) {
        List<Map<String, Object>> pieces = new ArrayList<>(List.of(
                Map.of("id", "knit", "kind", "fine-knit", "colours", List.of("#22304d")),
                Map.of("id", "trousers", "kind", "tailored-trousers", "colours", List.of("#85868a")),
                Map.of("id", "shoes", "kind", "lace-up-shoes", "colours", List.of("#17171a"))));
        if (hasCoat) {
            pieces.add(Map.of("id", "coat", "kind", "wool-coat", "colours", List.of("#22304d")));
        }
        Map<String, Object> asked = Map.of(
                "wardrobe",
                Map.of("pieces", pieces),
                "context",
                Map.of("weather", Map.of("lowC", 2, "highC", 2), "coats", coats));
        Map<String, Object> judged = new LinkedHashMap<>(asked);
        judged.put("outfits", List.of(Map.of("top", "knit", "bottom", "trousers", "shoes", "shoes")));
        Answer judge = jomble.program().post("/api/v1/compute/judge", judged);
        assertThat(judge.at("verdicts", 0, "verdict")).as(judge.text()).isEqualTo(verdict);
        assertThat(judge.at("verdicts", 0, "coat")).isEqualTo(coat);
        Answer count = jomble.program().post("/api/v1/compute/count", asked);
        assertThat(count.at("total")).isEqualTo(verdict.equals("works") ? 1 : 0);
        assertThat(count.json().get("withAssumedCoat")).isEqualTo(wanting);
    }

    @Test
    void countsAndListsTheSameNumber(Jomble jomble) {
        Answer count = jomble.program()
                .post(
                        "/api/v1/compute/count",
                        Map.of("wardrobe", WARDROBE, "pairs", List.of(List.of("top", "bottom"))));
        assertThat(count.at("paper")).isEqualTo(2 * 2 * 2 * (1 + 1));
        int total = (int) count.at("total");
        assertThat(total).isBetween(1, 16);
        int crossed = ((List<?>) count.at("perPair", "top×bottom"))
                .stream().mapToInt(cell -> (int) ((Map<?, ?>) cell).get("n")).sum();
        assertThat(crossed).isEqualTo(total);
        Answer list = jomble.program()
                .post(
                        "/api/v1/compute/outfits",
                        Map.of("wardrobe", WARDROBE, "context", Map.of(), "offset", 0, "limit", 100));
        assertThat(list.at("total")).isEqualTo(total);
        assertThat((List<?>) list.at("outfits")).hasSize(total);
        assertThat(count.json())
                .containsKeys("daring", "perPiece", "shareInTheDark", "orphans", "neverTogether", "millis");
    }

    /** What is told of a thought is what counting the changed wardrobe says. */
    @Test
    void tellsWhatAThoughtWouldChange(Jomble jomble) {
        Object total = jomble.program()
                .post("/api/v1/compute/count", Map.of("wardrobe", WARDROBE))
                .at("total");
        Map<String, Object> thought = Map.of(
                "lines", List.of("jeans dark blue"),
                "house", Map.of("schools", Map.of("tailoring", "free")));
        Answer answer =
                jomble.program().post("/api/v1/compute/what-if", Map.of("wardrobe", WARDROBE, "whatIf", thought));
        assertThat(answer.at("total", "before")).isEqualTo(total);
        int change = (int) answer.at("total", "change");
        assertThat(change).isPositive();
        assertThat(answer.at("total", "after")).isEqualTo((int) total + change);
        assertThat((List<?>) answer.at("perPiece"))
                .anySatisfy(one -> assertThat(((Map<?, ?>) one).get("id")).isEqualTo("line-0"));
        Answer wrong = jomble.program()
                .post(
                        "/api/v1/compute/what-if",
                        Map.of("wardrobe", WARDROBE, "whatIf", Map.of("without", List.of("nobody"))));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.at("errors", 0, "pointer")).isEqualTo("/whatIf/without/0");
    }

    @Test
    void saysWhatIsMissingForTheFirstOutfit(Jomble jomble) {
        Answer count = jomble.program()
                .post(
                        "/api/v1/compute/count",
                        Map.of("wardrobe", Map.of("pieces", List.of(Map.of("id", "a", "kind", "shirt")))));
        assertThat(count.at("total")).isEqualTo(0);
        assertThat(count.at("missing")).isEqualTo(List.of("bottom", "shoes"));
    }

    @Test
    void measuresColours(Jomble jomble) {
        Answer answer = jomble.program()
                .post("/api/v1/compute/colour", Map.of("pairs", List.of(List.of("#22304d", "#17171a"))));
        assertThat((double) answer.at("differences", 0, "de00")).isCloseTo(14.42, Offset.offset(0.01));
        assertThat(answer.at("differences", 0, "familyA")).isEqualTo("navy");
    }

    @Test
    void describesItselfWithoutSigningIn(Jomble jomble) {
        Answer schema = jomble.anonymous().get("/api/v1/schema/wardrobe.json");
        assertThat(schema.json()).containsKeys("$schema", "properties");
    }
}
