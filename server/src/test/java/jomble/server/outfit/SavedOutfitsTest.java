package jomble.server.outfit;

import static org.assertj.core.api.Assertions.assertThat;

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

/** Outfits on the bench and saved from there: what fits, how they are worn, versions, and what becomes of them when a piece changes. */
@ExtendWith(RunningJomble.class)
@Tag("writes")
class SavedOutfitsTest {
    private static final List<String> LINES = List.of(
            "white poplin shirt",
            "navy fine knit",
            "grey flannel trousers",
            "black crepe trousers",
            "black leather lace up shoes",
            "black leather belt");

    private final Caller stylist;
    private final String client;
    private final List<String> ids;

    SavedOutfitsTest(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        Answer added = stylist.post(client + "/pieces/entries", Map.of("lines", LINES, "keepUnknown", true));
        assertThat(added.status()).as(added.text()).isLessThan(300);
        ids = stylist.get(client + "/pieces").list().stream()
                .map(piece -> piece.get("id").toString())
                .toList();
    }

    private Map<String, Object> slots() {
        return Map.of("top", ids.get(0), "bottom", ids.get(2), "shoes", ids.get(4));
    }

    private Answer save(String name, Map<String, Object> slots) {
        return stylist.post(
                client + "/saved-outfits",
                Map.of("name", name, "slots", slots, "finishes", Map.of(ids.get(0), List.of("tucked"))));
    }

    @Test
    void isKeptInVersionsAndUndone() {
        Answer saved = save("Monday", slots());
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(saved.at("verdict")).isEqualTo("works");
        assertThat(saved.text()).contains("<svg");
        String one = client + "/saved-outfits/" + saved.at("id");
        Map<String, Object> belted = new HashMap<>(slots());
        belted.put("belt", ids.get(5));
        Answer second = stylist.patch(one, Map.of("version", 1, "slots", belted));
        assertThat(second.at("version")).as(second.text()).isEqualTo(2);
        assertThat(second.at("earlier", 0, "slots")).isEqualTo(slots());
        assertThat(second.at("earlier", 0, "finishes")).isEqualTo(Map.of(ids.get(0), List.of("tucked")));
        assertThat(stylist.patch(one, Map.of("version", 1, "slots", slots())).status())
                .as("a version somebody has changed meanwhile")
                .isEqualTo(412);
        Answer named = stylist.patch(one, Map.of("favourite", true, "tags", List.of("safe"), "notes", "roll"));
        assertThat(named.at("name")).isEqualTo("Monday");
        assertThat(named.at("tags")).isEqualTo(List.of("safe"));
        assertThat(named.at("version")).isEqualTo(2);
        assertThat(stylist.delete(one).list()).isEmpty();
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(client + "/saved-outfits").list())
                .singleElement()
                .satisfies(back -> assertThat(back)
                        .containsEntry("slots", belted)
                        .containsEntry("favourite", true)
                        .containsEntry("timesWorn", 0));
    }

    @Test
    void isJudgedAnewWhenAPieceChangesAndOutlivesIt() {
        save("Monday", slots());
        stylist.post(client + "/wears", Map.of("pieces", List.of(ids.get(0), ids.get(2), ids.get(4), ids.get(5))));
        assertThat(stylist.get(client + "/saved-outfits").list().get(0)).containsEntry("timesWorn", 1);
        Map<String, Object> belted = new HashMap<>(slots());
        belted.put("belt", ids.get(5));
        assertThat(stylist.get(client + "/worn-outfits").list())
                .singleElement()
                .satisfies(one -> assertThat(one).containsEntry("slots", belted).containsEntry("times", 1));
        Answer piece = stylist.get(client + "/pieces");
        Object version = piece.list().get(2).get("version");
        Answer changed = stylist.send(
                "PUT",
                client + "/pieces/" + ids.get(2),
                Map.of("kind", "tailored-trousers", "colours", List.of("#3b3f45"), "fitsNow", "too-small"),
                "If-Match",
                "\"" + version + "\"");
        assertThat(changed.status()).as(changed.text()).isEqualTo(200);
        assertThat(stylist.get(client + "/saved-outfits").list().get(0))
                .containsEntry("verdict", "no")
                .containsKey("reason");
        stylist.delete(client + "/pieces/" + ids.get(2));
        Map<String, Object> left = stylist.get(client + "/saved-outfits").list().get(0);
        assertThat(left).containsEntry("verdict", "no").containsEntry("gone", List.of(ids.get(2)));
        Answer nearest = stylist.post(
                client + "/paths",
                Map.of("slots", Map.of("top", ids.get(0), "shoes", ids.get(4)), "daring", false, "carry", false));
        assertThat(nearest.at("length")).as(nearest.text()).isEqualTo(1);
        assertThat(nearest.at("paths", 0, "edits", 0, "to")).isEqualTo(ids.get(3));
        assertThat(stylist.get(client + "/document").at("outfits", 0, "slots", "bottom"))
                .isEqualTo(ids.get(2));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"name":" ","slots":{"top":"$0"}}                                        | 400 | /name
            {"name":"A"}                                                             | 400 | /slots
            {"name":"A","slots":{}}                                                  | 400 | /slots
            {"name":"A","slots":{"top":"nobody"}}                                    | 400 | /slots/top
            {"name":"A","slots":{"hat":"$0","top":"$0"}}                             | 400 | /slots/
            {"name":"A","slots":{"top":"$0"},"finishes":{"$0":["cuffed-hem"]}}       | 400 | /finishes/
            {"name":"A","slots":{"top":"$0"},"finishes":{"$1":["tucked"]}}           | 400 | /finishes/
            {"name":"A","slots":{"top":"$0"},"tags":"safe"}                          | 400 | /tags
            {"name":"A","slots":{"top":"$0"},"colour":"red"}                         | 400 | /colour
            {"name":"monday","slots":{"top":"$0"}}                                   | 409 | called monday""")
    void whatIsRefusedIsNotSaved(String body, int status, String says) {
        save("Monday", slots());
        String text = body.replace("$0", ids.get(0)).replace("$1", ids.get(1));
        Answer refused = stylist.sendText("POST", client + "/saved-outfits", text, "Content-Type", "application/json");
        assertThat(refused.status()).as(refused.text()).isEqualTo(status);
        assertThat(refused.text()).contains(says);
        assertThat(stylist.get(client + "/saved-outfits").list()).hasSize(1);
    }

    @Test
    void noneIsLostWhenSeveralSaveAtOnce() {
        assertThat(IntStream.range(0, 12)
                        .parallel()
                        .mapToObj(i -> save("Outfit " + i, slots()).status())
                        .toList())
                .containsOnly(200);
        assertThat(stylist.get(client + "/saved-outfits").list()).hasSize(12);
    }

    @Test
    void saysWhatFitsOnTheBench() {
        String shirt = ids.get(0);
        String stream = stylist.get(client + "/bench?wear=top=" + shirt).text();
        assertThat(stream).contains("event:bench", "event:complete", "\"slot\":\"bottom\",\"fit\":2");
        assertThat(stylist.get(client + "/bench?wear=top=nobody").text()).contains("/wear/0/top");
        assertThat(stylist.get(client + "/bench?wear=roof=" + shirt).text()).contains("/wear/0/roof");
        Answer surprise = stylist.get(client + "/surprise?containing=" + ids.get(1));
        assertThat(surprise.at("outfit", "slots").toString()).contains(ids.get(1));
        Answer judged = stylist.post(
                client + "/judge", Map.of("slots", slots(), "finishes", Map.of(shirt, List.of("untucked"))));
        assertThat(judged.at("judgement", "finishes", shirt)).as(judged.text()).isEqualTo(List.of("untucked"));
        assertThat(judged.at("ways", shirt)).asList().contains(List.of("tucked"), List.of("untucked"));
        assertThat(stylist.post(client + "/judge", Map.of("slots", Map.of())).at("judgement", "verdict"))
                .as("nothing on")
                .isEqualTo("no");
    }

    /** A formula of an outfit, saved, narrowed, counted and taken away; the studio's beside it. */
    @Test
    void keepsFormulas() {
        Map<String, Object> outfit = Map.of("daring", false, "outfit", slots());
        Answer made = stylist.post(client + "/formulas/of-outfit", outfit);
        assertThat(made.at("slots", "bottom", "kinds")).as(made.text()).isEqualTo(List.of("tailored-trousers"));
        Answer saved = stylist.post(client + "/formulas", Map.of("name", "Desk", "slots", made.at("slots")));
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(stylist.post(client + "/formulas", Map.of("name", "desk", "slots", made.at("slots")))
                        .status())
                .isEqualTo(409);
        Answer all = stylist.get(client + "/formulas");
        assertThat(all.at("studio")).asList().hasSize(20);
        assertThat(all.at("saved", 0, "total")).isNotEqualTo(0);
        stylist.post(client + "/wears", Map.of("pieces", List.of(ids.get(0), ids.get(2), ids.get(4))));
        Map<String, Object> wide =
                Map.of("top", Map.of("kinds", List.of("shirt")), "bottom", Map.of("families", List.of("bottom")));
        Answer keeping = stylist.post(client + "/formulas/outfits", Map.of("daring", false, "slots", wide));
        assertThat(keeping.at("outfits", 0, "worn")).as(keeping.text()).isEqualTo(false);
        assertThat(keeping.text()).contains("\"worn\":true");
        Map<String, Object> jacket =
                Map.of("top", Map.of("kinds", List.of("shirt")), "jacket", Map.of("kinds", List.of("blazer")));
        Answer none = stylist.post(client + "/formulas/outfits", Map.of("daring", false, "slots", jacket));
        assertThat(none.at("total")).isEqualTo(0);
        assertThat(none.at("missing", 0, "slot")).isEqualTo("jacket");
        assertThat(stylist.post(client + "/formulas/missing-piece", Map.of("daring", false, "slots", jacket))
                        .list()
                        .get(0))
                .containsEntry("slot", "jacket");
        String one = client + "/formulas/" + saved.at("id");
        assertThat(stylist.patch(one, Map.of("slots", Map.of("top", Map.of("kinds", List.of("shirtt")))))
                        .text())
                .contains("/slots/top/kinds/0");
        assertThat(stylist.patch(one, Map.of("slots", wide, "seen", made.at("slots")))
                        .status())
                .isEqualTo(200);
        assertThat(stylist.patch(one, Map.of("slots", jacket, "seen", made.at("slots")))
                        .status())
                .as("somebody has changed it meanwhile")
                .isEqualTo(412);
        stylist.delete(one);
        assertThat(stylist.get(client + "/formulas").at("saved")).asList().isEmpty();
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(client + "/formulas").at("saved", 0, "name")).isEqualTo("Desk");
        assertThat(stylist.get(client + "/document").at("formulas", 0, "name")).isEqualTo("Desk");
    }

    /** Neighbours in the stable order differ in one piece; what is shown first does not. */
    @Test
    void showsVariedOutfitsOfAFormula(Jomble jomble) {
        String ines = jomble.stylist().get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").toString().startsWith("Ines"))
                .map(one -> "/api/v1/clients/" + one.get("id"))
                .findFirst()
                .orElseThrow();
        Map<String, Object> shirts = Map.of("top", Map.of("kinds", List.of("shirt", "blouse")));
        Answer few = stylist.post(
                ines + "/formulas/outfits", Map.of("daring", false, "season", "2027-01-12", "slots", shirts));
        assertThat(few.at("outfits")).as(few.text()).asList().hasSize(24);
        Map<Object, Integer> times = new HashMap<>();
        for (int i = 0; i < 20; i++) {
            Map<?, ?> slots = (Map<?, ?>) few.at("outfits", i, "outfit", "slots");
            slots.forEach((slot, id) -> times.merge(slot.equals("shoes") ? "shoes" : id, 1, Integer::sum));
        }
        times.remove("shoes");
        assertThat(times.values()).allMatch(n -> n <= 10);
        Answer more = stylist.post(
                ines + "/formulas/outfits",
                Map.of("daring", false, "season", "2027-01-12", "slots", shirts, "most", 48));
        assertThat(more.at("outfits")).asList().hasSize(48);
        Map<String, Object> accents = Map.of("top", Map.of("colourRoles", List.of("accent")));
        Answer roles = stylist.post(ines + "/formulas/outfits", Map.of("daring", false, "slots", accents));
        assertThat(roles.status()).as(roles.text()).isEqualTo(200);
        assertThat(roles.text()).contains("accent colour");
        assertThat(stylist.post(
                                ines + "/formulas/outfits",
                                Map.of("daring", false, "slots", Map.of("top", Map.of("colourRoles", List.of("main")))))
                        .text())
                .contains("/slots/top/colourRoles/0");
    }

    @Test
    void breaksSuitsAndFinishesForTheEvening() {
        stylist.post(
                client + "/pieces/entries",
                Map.of("lines", List.of("brown tweed blazer", "silver necklace"), "keepUnknown", true));
        Answer suits = stylist.get(client + "/suits");
        assertThat(suits.at("school")).as(suits.text()).isEqualTo("measured");
        assertThat(suits.at("cells")).asList().hasSize(2);
        assertThat(stylist.get(client + "/next-suit").list()).hasSize(3);
        List<Map<String, Object>> registers = stylist.get(client + "/registers?wear=top=" + ids.get(0) + "&wear=bottom="
                        + ids.get(2) + "&wear=shoes=" + ids.get(4))
                .list();
        assertThat(registers).extracting(one -> one.get("register")).containsExactly("day", "evening", "weekend");
        assertThat(registers).allMatch(one -> one.get("slots").toString().contains(ids.get(2)));
        Answer changes = stylist.post(client + "/changes", Map.of("slots", slots(), "daring", false, "carry", false));
        assertThat(changes.at("changes")).asList().isNotEmpty();
        assertThat(changes.at("finishes", 0, "piece")).isEqualTo(ids.get(0));
    }
}
