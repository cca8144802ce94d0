package jomble.server.capsule;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Capsules over the wire: what is planned of a document, what is streamed of a client, and what is refused. */
@ExtendWith(RunningJomble.class)
class CapsulesTest {
    private static final Map<String, Object> WINTER =
            Map.of("size", 10, "seasons", List.of("winter"), "occasions", List.of("teaching", "rehearsal"));

    private static String tomas(Caller stylist) {
        return stylist.get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").equals("Tomas Redfern"))
                .map(one -> "/api/v1/clients/" + one.get("id"))
                .findFirst()
                .orElseThrow();
    }

    /** What is said of a capsule is what the count says of a wardrobe of its pieces and those that do not count. */
    @Test
    @SuppressWarnings("unchecked")
    void plansADocumentAndTheCountAgrees(Jomble jomble) {
        Caller program = jomble.program();
        Caller stylist = jomble.stylist();
        Map<String, Object> document = stylist.get(tomas(stylist) + "/document").json();
        Map<String, Object> request = Map.of("wardrobe", document, "wishes", WINTER, "seed", 3, "budgetMillis", 300);
        Answer plan = program.post("/api/v1/compute/capsule", request);
        assertThat(plan.status()).as(plan.text()).isEqualTo(200);
        List<String> chosen = (List<String>) plan.at("pieces");
        assertThat(chosen).hasSize(10);
        assertThat(program.post("/api/v1/compute/capsule", request).at("pieces"))
                .isEqualTo(chosen);
        assertThat((List<?>) plan.at("figures", "contexts")).hasSize(2);
        assertThat((Map<String, ?>) plan.at("reasons")).containsOnlyKeys(chosen);
        assertThat((List<?>) plan.at("swaps")).hasSize(5);
        assertThat(plan.at("quality")).isEqualTo("bounded");
        assertThat((Integer) plan.at("upperBoundOutfits"))
                .isGreaterThanOrEqualTo((Integer) plan.at("figures", "outfits"));

        Map<String, Object> capsule = new LinkedHashMap<>(document);
        List<Map<String, Object>> pieces = new ArrayList<>((List<Map<String, Object>>) document.get("pieces"));
        List<String> accessories = List.of("belt", "scarf", "tie", "hat", "socks", "thermal", "vest");
        pieces.removeIf(piece -> !chosen.contains(piece.get("id"))
                && accessories.stream().noneMatch(piece.get("kind").toString()::contains));
        capsule.put("pieces", pieces);
        Map<String, Object> brief = (Map<String, Object>) document.get("brief");
        Object teaching = ((List<Map<String, Object>>) brief.get("occasions"))
                .stream()
                        .filter(one -> one.get("name").equals("teaching"))
                        .findFirst()
                        .orElseThrow();
        Answer count = program.post(
                "/api/v1/compute/count",
                Map.of("wardrobe", capsule, "context", Map.of("occasion", teaching, "months", List.of(12, 1, 2))));
        assertThat(plan.at("figures", "contexts", 0, "outfits")).isEqualTo(count.at("total"));
    }

    @Test
    void ofNothingNothingIsPlanned(Jomble jomble) {
        Answer plan = jomble.program().post("/api/v1/compute/capsule", Map.of("wardrobe", Map.of()));
        assertThat(plan.status()).as(plan.text()).isEqualTo(200);
        assertThat((List<?>) plan.at("pieces")).isEmpty();
        assertThat(plan.at("figures", "outfits")).isEqualTo(0);
    }

    @Test
    void streamsThePlanOfAClient(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String asked = URLEncoder.encode(
                "{\"wishes\":{\"size\":8,\"seasons\":[\"winter\"]},\"budgetMillis\":100}", StandardCharsets.UTF_8);
        String stream =
                stylist.get(tomas(stylist) + "/capsule-plan?asked=" + asked).text();
        assertThat(stream).contains("event:plan", "event:complete", "\"needsMetFraction\"");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"size":0}                                   | /wishes/size
            {"size":{"min":9,"max":3}}                   | /wishes/size/min
            {"seasons":["carnival"]}                     | /wishes/seasons/0
            {"occasions":["ball"]}                       | /wishes/occasions/0
            {"must":["nobody"]}                          | /wishes/must/0
            {"must":["p1"],"never":["p1"]}               | /wishes/never
            {"families":{"hats":{"min":1}}}              | /wishes/families/hats
            {"without":["colour"]}                       | /wishes/without/0
            {"varietyCostFraction":2}                    | /wishes/varietyCostFraction
            {"colour":"red"}                             | /wishes/colour
            7                                            | /wishes""")
    void namesWhatCannotBeWished(String wishes, String place, Jomble jomble) {
        Caller stylist = jomble.stylist();
        String asked = URLEncoder.encode("{\"wishes\":" + wishes + "}", StandardCharsets.UTF_8);
        Answer refused = stylist.get(tomas(stylist) + "/capsule-plan?asked=" + asked);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains("/asked" + place);
    }
}
