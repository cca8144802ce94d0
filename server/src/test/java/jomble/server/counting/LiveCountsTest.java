package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Counts of a client's wardrobe as they are streamed to the screen. */
@ExtendWith(RunningJomble.class)
class LiveCountsTest {
    private static final Pattern TOTAL = Pattern.compile("event:complete\\s+data:\\{\"total\":(\\d+)");

    private static int total(Caller stylist, String address) {
        Matcher matcher = TOTAL.matcher(stylist.get(address).text());
        assertThat(matcher.find()).as(address).isTrue();
        return Integer.parseInt(matcher.group(1));
    }

    private static String thinking(String whatIf) {
        return "whatIf=" + URLEncoder.encode(whatIf, StandardCharsets.UTF_8);
    }

    private static String newWardrobe(Caller stylist, String... lines) {
        String client = stylist.newClient();
        for (String line : lines) {
            stylist.post(client + "/pieces/entry", Map.of("line", line));
        }
        return client + "/counts";
    }

    /** What would be, the total of it; nothing of it is saved. */
    private static final Map<String, Integer> THOUGHTS = Map.of(
            "{\"changed\": [{\"id\": \"p4\", \"roles\": [\"mid\"]}]}", 2,
            "{\"without\": [\"p4\"]}", 1,
            "{\"without\": [\"p2\"]}", 0,
            "{\"added\": [{\"id\": \"new\", \"kind\": \"jeans\", \"colours\": [\"#1a2238\"]}]}", 6,
            "{\"lines\": [\"jeans black\"], \"without\": [\"p2\"]}", 3,
            "{}", 3);

    @Test
    void countsTheWardrobeAsItWouldBeAndSavesNothing(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String counts = newWardrobe(stylist, "t-shirt white", "jeans navy", "trainers white", "overshirt olive");
        assertThat(total(stylist, counts))
                .as("overshirt off, over the T-shirt, on its own")
                .isEqualTo(3);
        THOUGHTS.forEach((thought, expected) -> assertThat(total(stylist, counts + "?" + thinking(thought)))
                .as(thought)
                .isEqualTo(expected));
        assertThat(total(stylist, counts)).isEqualTo(3);
    }

    /** A thought that cannot be, the place and the code of the error. */
    private static final Map<String, List<String>> NONSENSE = Map.of(
            "{\"changed\": [{\"id\": \"p4\", \"roles\": [\"middle\"]}]}",
                    List.of("/whatIf/changed/0/roles/0", "unknown-value"),
            "{\"changed\": [{\"id\": \"p9\"}]}", List.of("/whatIf/changed/0/id", "unknown-piece"),
            "{\"without\": [\"p9\"]}", List.of("/whatIf/without/0", "unknown-piece"),
            "{\"lines\": [\"navy\"]}", List.of("/whatIf/lines/0", "missing-kind"),
            "{\"added\": [{\"id\": \"p1\", \"kind\": \"shirt\"}]}", List.of("/whatIf/added/0/id", "duplicate"),
            "{\"sold\": []}", List.of("/whatIf/sold", "unknown-field"));

    @Test
    void namesThePlaceInAThoughtThatCannotBe(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String counts = newWardrobe(stylist, "t-shirt white", "jeans navy", "trainers white", "overshirt olive");
        NONSENSE.forEach((thought, where) -> {
            Caller.Answer answer = stylist.get(counts + "?" + thinking(thought));
            assertThat(List.of(answer.status(), answer.at("errors", 0, "pointer"), answer.at("errors", 0, "code")))
                    .as(thought)
                    .isEqualTo(List.of(400, where.get(0), where.get(1)));
        });
        assertThat(stylist.get(counts + "?" + thinking("{")).at("code")).isEqualTo("not-json");
    }

    @Test
    void tellsHowTwoCountsDiffer(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String counts = newWardrobe(stylist, "t-shirt white", "jeans navy", "trainers white", "overshirt olive");
        String lost = stylist.get(counts + "/difference?" + thinking("{\"without\": [\"p1\"]}"))
                .text();
        assertThat(lost)
                .contains("event:difference", "\"total\":{\"before\":3,\"after\":1,\"change\":-2}")
                .contains("{\"id\":\"p1\",\"before\":2,\"after\":0,\"change\":-2}")
                .contains("\"orphaned\":[]");
        String bare = stylist.get(counts + "/difference?" + thinking("{\"without\": [\"p3\"]}"))
                .text();
        assertThat(bare).contains("\"orphaned\":[\"p1\",\"p2\",\"p4\"]", "\"missing\":[\"shoes\"]");
    }

    /** What is counted, and how many that is of two tops, two bottoms and two pairs of shoes; clothes that are not counted stay off. */
    private static final Map<String, Integer> COUNTED = Map.of(
            "clothes",
            4,
            "outfits",
            8,
            "looks",
            8,
            "top,bottom",
            4,
            "bottom,shoes,top",
            8,
            "top,bottom,top",
            4,
            "shoes,top",
            0);

    @Test
    void countsThePresetsAndAnyOtherSlots(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String counts = newWardrobe(
                stylist,
                "t-shirt white",
                "t-shirt black",
                "jeans navy",
                "jeans grey",
                "trainers white",
                "trainers black");
        COUNTED.forEach((counting, expected) -> assertThat(total(stylist, counts + "?counting=" + counting))
                .as(counting)
                .isEqualTo(expected));
        assertThat(stylist.get(counts.replace("/counts", "/outfits?counting=shoes,bottom,top&offset=3"))
                        .at("outfits", 0, "slots"))
                .isEqualTo(Map.of("top", "p1", "bottom", "p4", "shoes", "p6"));
        Caller.Answer wrong = stylist.get(counts + "?counting=top,sock");
        assertThat(List.of(wrong.status(), wrong.at("errors", 0, "pointer"), wrong.at("errors", 0, "code")))
                .isEqualTo(List.of(400, "/context/countedSlots/1", "unknown-value"));
    }

    @Test
    void listsTheOutfitsOfOneStructure(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = newWardrobe(stylist, "t-shirt white", "jeans navy", "dress black", "trainers white")
                .replace("/counts", "");
        String counts = stylist.get(client + "/counts").text();
        for (String structure : new String[] {"separates", "one-piece"}) {
            Object listed =
                    stylist.get(client + "/outfits?structure=" + structure).at("total");
            assertThat((int) listed).isPositive();
            assertThat(counts).contains("{\"structure\":\"" + structure + "\",\"works\":" + listed + ",");
        }
        assertThat(stylist.get(client + "/outfits?structure=knotted").status()).isEqualTo(404);
    }

    @Test
    void countsEverySeasonAndOccasionOfTheBrief(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String counts = newWardrobe(stylist, "t-shirt white", "jeans navy", "trainers white");
        assertThat(stylist.get(counts + "/contexts").text())
                .as("a brief without climate and occasions has one context")
                .contains(
                        "{\"season\":\"\",\"occasion\":\"\",\"total\":1,\"daring\":0,\"weakest\":null}",
                        "{\"cells\":1}");
    }

    @Test
    void crossesTheSlotsThatAreAskedFor(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        for (String line : new String[] {"t-shirt white", "jeans navy", "chinos grey", "trainers white"}) {
            stylist.post(client + "/pieces/entry", Map.of("line", line));
        }
        String counts = client + "/counts";
        assertThat(stylist.get(counts + "?rows=shoes&columns=bottom").text())
                .contains("shoes×bottom", "{\"a\":\"p4\",\"b\":\"p2\",\"n\":1}")
                .doesNotContain("top×bottom");
        assertThat(stylist.get(counts + "?rows=shoes&columns=socks").at("errors", 0, "message"))
                .asString()
                .contains("socks");
        assertThat(stylist.get(counts + "?rows=top&columns=top").at("errors", 0, "code"))
                .isEqualTo("not-a-pair");
    }
}
