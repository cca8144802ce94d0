package jomble.server.capsule;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Saved capsules: kept in versions, locked, undone, counted within, and carried by the document. */
@ExtendWith(RunningJomble.class)
@Tag("writes")
class SavedCapsulesTest {
    private static final Map<String, Object> WISHES = Map.of("size", 3);

    /** A new client with two tops, two bottoms, shoes and a belt; the answer is its address. */
    private static String client(Caller stylist) {
        String client = stylist.newClient();
        List<String> lines = List.of(
                "white poplin shirt",
                "navy fine knit",
                "grey flannel trousers",
                "black crepe trousers",
                "black leather lace up shoes",
                "black leather belt");
        Answer added = stylist.post(client + "/pieces/entries", Map.of("lines", lines, "keepUnknown", true));
        assertThat(added.status()).as(added.text()).isLessThan(300);
        return client;
    }

    private static List<String> pieces(Caller stylist, String client) {
        return stylist.get(client + "/pieces").list().stream()
                .map(piece -> piece.get("id").toString())
                .toList();
    }

    private static Answer save(Caller stylist, String client, String name, List<String> pieces) {
        return stylist.post(client + "/capsules", Map.of("name", name, "pieces", pieces, "wishes", WISHES));
    }

    private static Map<String, Object> version(int seen, List<String> pieces) {
        return Map.of("version", seen, "pieces", pieces, "wishes", WISHES);
    }

    @Test
    void isKeptInVersionsUntilItIsLocked(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = client(stylist);
        List<String> all = pieces(stylist, client);
        Answer saved = save(stylist, client, "Work", all.subList(0, 3));
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        String one = client + "/capsules/" + saved.at("id");
        Answer second = stylist.patch(one, version(1, all.subList(1, 4)));
        assertThat(second.at("version")).isEqualTo(2);
        assertThat(second.at("earlier", 0, "pieces")).isEqualTo(all.subList(0, 3));
        assertThat(second.at("worn"))
                .as("the belt does not count, so it is worn anyway")
                .asList()
                .contains(all.get(5));
        assertThat(stylist.patch(one, version(1, all.subList(2, 5))).status())
                .as("a version somebody has changed meanwhile")
                .isEqualTo(412);
        assertThat(stylist.patch(one, Map.of("name", "Desk", "notes", "for the new post"))
                        .at("version"))
                .isEqualTo(2);
        Answer locked = stylist.patch(one, Map.of("locked", Map.of("season", "winter")));
        assertThat(locked.at("locked", "season")).isEqualTo("winter");
        assertThat(locked.at("locked", "on").toString()).matches("\\d{4}-\\d\\d-\\d\\d");
        assertThat(stylist.patch(one, version(2, all.subList(2, 5))).status()).isEqualTo(409);
        assertThat(stylist.delete(one).status()).isEqualTo(409);
        Map<String, Object> unlocking = new HashMap<>();
        unlocking.put("locked", null);
        assertThat(stylist.patch(one, unlocking).at("locked")).isNull();
        assertThat(stylist.delete(one).list()).isEmpty();
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(client + "/capsules").list())
                .singleElement()
                .satisfies(
                        back -> assertThat(back).containsEntry("name", "Desk").containsEntry("version", 2));
    }

    @Test
    @Tag("one-instance")
    void isWhatEverythingCanBeCountedWithin(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = client(stylist);
        List<String> all = pieces(stylist, client);
        List<String> three = List.of(all.get(0), all.get(2), all.get(4));
        Object id = save(stylist, client, "Three", three).at("id");
        Answer figures = stylist.post(client + "/capsule-figures", Map.of("pieces", three, "wishes", WISHES));
        assertThat(figures.at("figures", "outfits")).as(figures.text()).isEqualTo(1);
        Answer listed = stylist.get(client + "/outfits?counting=outfits&capsule=" + id);
        assertThat(listed.at("total")).isEqualTo(1);
        assertThat(stylist.get(client + "/outfits?counting=outfits").at("total"))
                .isNotEqualTo(1);
        assertThat(stylist.get(client + "/counts?counting=outfits&capsule=" + id)
                        .text())
                .contains("\"total\":1,");
        assertThat(stylist.get(client + "/counts/ladder?capsule=" + id).text()).contains("event:complete");
        assertThat(stylist.get(client + "/outfits?capsule=nobody").status()).isEqualTo(404);
    }

    @Test
    void travelsInTheDocumentAndOutlivesItsPieces(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = client(stylist);
        List<String> all = pieces(stylist, client);
        save(stylist, client, "Work", all.subList(0, 3));
        Object document = stylist.get(client + "/document").at("capsules");
        assertThat(document).asList().hasSize(1);
        stylist.delete(client + "/pieces/" + all.get(0));
        assertThat(stylist.get(client + "/capsules").list())
                .singleElement()
                .satisfies(one -> assertThat(one.get("gone")).isEqualTo(List.of(all.get(0))));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"name":" ","pieces":[]}                                      | 400 | /name
            {"pieces":[]}                                                 | 400 | /name
            {"name":"A","pieces":["nobody"]}                              | 400 | /pieces/0
            {"name":"A","pieces":[],"wishes":{"size":0}}                  | 400 | /wishes/size
            {"name":"A","pieces":[],"wishes":{"from":{"tag":"beach"}}}    | 400 | /wishes/from/tag
            {"name":"A","pieces":[],"colour":"red"}                       | 400 | /colour
            {"name":"work","pieces":[]}                                   | 409 | called work""")
    void whatIsRefusedIsNotSaved(String body, int status, String says, Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = client(stylist);
        save(stylist, client, "Work", List.of());
        Answer refused = stylist.sendText("POST", client + "/capsules", body, "Content-Type", "application/json");
        assertThat(refused.status()).as(refused.text()).isEqualTo(status);
        assertThat(refused.text()).contains(says);
        assertThat(stylist.get(client + "/capsules").list()).hasSize(1);
    }

    @Test
    void noneIsLostWhenSeveralSaveAtOnce(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = client(stylist);
        List<Integer> answers = new ArrayList<>(IntStream.range(0, 12)
                .parallel()
                .mapToObj(i -> save(stylist, client, "Capsule " + i, List.of()).status())
                .toList());
        assertThat(answers).containsOnly(200);
        assertThat(stylist.get(client + "/capsules").list()).hasSize(12);
    }

    @Test
    void capsulesOfSeasonsShareACore(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String tomas = stylist.get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").equals("Tomas Redfern"))
                .map(one -> "/api/v1/clients/" + one.get("id"))
                .findFirst()
                .orElseThrow();
        String asked = "{\"wishes\":{\"size\":9,\"seasons\":[\"winter\",\"summer\"],\"occasions\":[\"teaching\"]},"
                + "\"core\":4,\"budgetMillis\":60}";
        String stream = stylist.get(tomas + "/capsules-sharing-a-core?asked=" + encoded(asked))
                .text();
        assertThat(stream).contains("event:core", "\"name\":\"winter\"", "\"name\":\"summer\"", "event:complete");
        Answer refused = stylist.get(tomas + "/capsules-sharing-a-core?asked="
                + encoded("{\"groups\":[{\"name\":\"work\",\"occasions\":[\"nothing\"]}]}"));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains("/asked/groups/0/occasions");
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
