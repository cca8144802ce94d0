package jomble.server.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Briefs as they are read, changed by several people, and counted against a wardrobe. */
@ExtendWith(RunningJomble.class)
@Tag("writes")
class BriefTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private static String client(Caller stylist, String name) {
        return stylist.get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").equals(name))
                .map(one -> "/api/v1/clients/" + one.get("id"))
                .findFirst()
                .orElseThrow();
    }

    private static Caller.Answer put(Caller stylist, String client, Map<String, Object> set, Map<String, Object> seen) {
        Map<String, Object> change = new LinkedHashMap<>();
        change.put("set", set);
        change.put("seen", seen);
        return stylist.put(client + "/brief", change);
    }

    /** The same fields as a brief that does not have them yet. */
    private static Map<String, Object> unset(Map<String, Object> fields) {
        Map<String, Object> unset = new LinkedHashMap<>(fields);
        unset.replaceAll((name, value) -> null);
        return unset;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> brief(Caller stylist, String client) {
        return (Map<String, Object>) stylist.get(client + "/brief").at("brief");
    }

    /** What a stream sends under a name. */
    private static List<Map<String, Object>> streamed(Caller stylist, String path, String event) {
        List<Map<String, Object>> events = new ArrayList<>();
        String name = "";
        for (String line : stylist.get(path).text().lines().toList()) {
            if (line.startsWith("event:")) {
                name = line.substring(6);
            } else if (line.startsWith("data:") && name.equals(event)) {
                events.add(JSON.readValue(line.substring(5), TREE));
            }
        }
        return events;
    }

    @Test
    void twoWhoChangeTheSamePartGetAChoiceAndOtherPartsDoNotMind(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        Map<String, Object> seen = Map.of("notes", "");
        assertThat(put(stylist, client, Map.of("notes", "hers"), seen).status()).isEqualTo(200);
        assertThat(put(stylist, client, Map.of("place", "Kaldmoor"), Map.of("place", ""))
                        .status())
                .as("another part")
                .isEqualTo(200);
        Caller.Answer late = put(stylist, client, Map.of("notes", "his"), seen);
        assertThat(List.of(late.status(), late.at("code"))).isEqualTo(List.of(412, "stale"));
        assertThat(brief(stylist, client)).containsEntry("notes", "hers").containsEntry("place", "Kaldmoor");
        assertThat(put(stylist, client, Map.of("notes", "his"), null).status())
                .as("over it")
                .isEqualTo(200);
        assertThat(brief(stylist, client)).containsEntry("notes", "his");
        stylist.post(client + "/undo", null);
        assertThat(brief(stylist, client)).containsEntry("notes", "hers");
    }

    @Test
    void whatIsWrongIsNamedAndNothingOfItIsKept(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        Map<String, Object> wrong = Map.of(
                "notes", "kept?", "occasions", List.of(Map.of("name", "desk", "formalityLow", 5, "formalityHigh", 2)));
        Caller.Answer refused = put(stylist, client, wrong, null);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains("/brief/occasions/0/formalityLow");
        assertThat(brief(stylist, client)).doesNotContainKey("notes");
        Caller.Answer unknown = put(stylist, client, Map.of("mood", "good"), null);
        assertThat(unknown.text()).contains("/brief/mood");
    }

    /** A day of the coming week stands in for a season, with its own weather; any other day is refused. */
    private static void assertDaysCanBeAskedAbout(Caller stylist, String client) {
        List<Map<String, Object>> days = stylist.get(client + "/forecast").list();
        for (Map<String, Object> day : List.of(days.get(0), days.get(6))) {
            assertThat(stylist.get(client + "/outfits?season=" + day.get("date"))
                            .status())
                    .isEqualTo(200);
            String ladder = client + "/counts/ladder?season=" + day.get("date");
            assertThat(streamed(stylist, ladder, "complete")).hasSize(1);
            assertThat(streamed(stylist, ladder, "step")).noneMatch(step -> step.containsValue("weakest"));
        }
        for (String other : List.of("2031-01-12", "2027-02-30", "2027-1-12")) {
            assertThat(stylist.get(client + "/outfits?season=" + other).status())
                    .as(other)
                    .isEqualTo(404);
        }
        assertThat(streamed(stylist, client + "/prepared?counting=looks&season=winter", "complete"))
                .hasSize(1);
    }

    @Test
    void aSeasonIsOfferedOnceItsClimateIsKnown(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        assertThat((List<?>) stylist.get(client).at("seasons")).isEmpty();
        Caller.Answer early = stylist.get(client + "/outfits?season=winter");
        assertThat(List.of(early.status(), early.at("code"))).isEqualTo(List.of(409, "no-climate"));
        assertThat(stylist.get(client + "/outfits?season=carnival").status()).isEqualTo(404);
        Map<String, Object> place = stylist.get("/api/v1/places").list().get(0);
        put(stylist, client, Map.of("climate", place.get("months")), null);
        assertThat((List<?>) stylist.get(client).at("seasons")).hasSize(5);
        assertThat(stylist.get(client + "/outfits?season=winter").status()).isEqualTo(200);
        assertThat(stylist.get(client + "/forecast").list()).hasSize(7);
        assertDaysCanBeAskedAbout(stylist, client);
        put(
                stylist,
                client,
                Map.of(
                        "seasons",
                        List.of(
                                Map.of("name", "term", "months", List.of(9, 10, 11)),
                                Map.of("name", "rest", "months", List.of(7, 8)))),
                null);
        assertThat(stylist.get(client + "/outfits?season=term").status()).isEqualTo(200);
        assertThat(stylist.get(client + "/outfits?season=winter").status()).isEqualTo(404);
    }

    @Test
    void aLimitTakesAwayWhatTheCountSays(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String tomas = client(stylist, "Tomas Redfern");
        List<Map<String, Object>> limits = streamed(stylist, tomas + "/counts/limits", "limit");
        assertThat(limits).extracting(limit -> limit.get("pointer")).contains("/boundaries/sensitivities/0");
        Map<String, Object> wool = limits.stream()
                .filter(limit -> limit.get("pointer").equals("/boundaries/sensitivities/0"))
                .findFirst()
                .orElseThrow();
        Object now = stylist.get(tomas + "/outfits?counting=bases&limit=1").at("total");
        assertThat(wool.get("after")).isEqualTo(now);
        Map<String, Object> freer = new LinkedHashMap<>(boundaries(stylist, tomas));
        freer.put("sensitivities", List.of());
        put(stylist, tomas, Map.of("boundaries", freer), null);
        assertThat(stylist.get(tomas + "/outfits?counting=bases&limit=1").at("total"))
                .isEqualTo(wool.get("before"))
                .isNotEqualTo(now);
        stylist.post(tomas + "/undo", null);
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> boundaries(Caller stylist, String client) {
        return (Map<String, Object>) brief(stylist, client).get("boundaries");
    }

    @Test
    void needsAreMetByTheWeakestMonth(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String ines = client(stylist, "Ines Halvard");
        List<Map<String, Object>> needs = streamed(stylist, ines + "/counts/needs", "need");
        assertThat(needs).hasSize(16);
        Map<String, Object> winter = needs.stream()
                .filter(need -> need.get("occasion").equals("council evening")
                        && need.get("season").equals("winter"))
                .findFirst()
                .orElseThrow();
        assertThat(winter).containsEntry("need", 1).containsEntry("set", false);
        int middle = (int) stylist.get(ines + "/outfits?counting=bases&limit=1&season=winter&occasion=council+evening")
                .at("total");
        assertThat((int) winter.get("have")).isPositive().isLessThanOrEqualTo(middle);
    }

    @Test
    void anOccasionIsTriedBeforeItIsKept(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String ines = client(stylist, "Ines Halvard");
        Map<String, Object> occasion = Map.of("name", "ball", "formalityLow", 5, "formalityHigh", 7);
        Caller.Answer tried = stylist.post(ines + "/occasion-trial", Map.of("occasion", occasion));
        assertThat(tried.status()).isEqualTo(200);
        assertThat(findings(tried, "pass")).hasSize(3).allMatch(List::isEmpty);
        assertThat(findings(tried, "fail")).hasSize(3).noneMatch(List::isEmpty);
        assertThat(brief(stylist, ines).get("occasions").toString()).doesNotContain("ball");
        Caller.Answer wrong = stylist.post(ines + "/occasion-trial", Map.of("occasion", Map.of("met", 9)));
        assertThat(wrong.text()).contains("/occasion/met");
    }

    @SuppressWarnings("unchecked")
    private static List<List<?>> findings(Caller.Answer tried, String side) {
        return ((List<Map<String, Object>>) tried.at(side))
                .stream().<List<?>>map(one -> (List<?>) one.get("findings")).toList();
    }

    @Test
    void aStudioAddsTemplatesOfItsOwn(Jomble jomble) {
        Caller stylist = jomble.stylist();
        Map<String, Object> own = Map.of("name", "harbour ball", "formalityLow", 5, "formalityHigh", 7);
        List<Object> before = names(stylist);
        assertThat(stylist.post("/api/v1/occasion-templates", own).status()).isEqualTo(204);
        assertThat(names(stylist)).hasSize(before.size() + 1).startsWith("harbour ball");
        assertThat(stylist.delete("/api/v1/occasion-templates/harbour%20ball").status())
                .isEqualTo(204);
        assertThat(names(stylist)).isEqualTo(before).hasSizeGreaterThanOrEqualTo(18);
        assertThat(stylist.delete("/api/v1/occasion-templates/desk%20day").status())
                .isEqualTo(404);
    }

    /** Whatever is acknowledged is there afterwards, however many write at the same time. */
    @Test
    void nothingAcknowledgedIsLostWhenManyWriteAtOnce(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        List<Map<String, Object>> parts = List.of(
                Map.of("place", "Kaldmoor"),
                Map.of("notes", "early"),
                Map.of("lengthenLeg", true),
                Map.of("photoConsent", "2027-01-05"));
        IntStream.range(0, parts.size()).parallel().forEach(i -> {
            Caller other = jomble.stylist();
            Map<String, Object> template = Map.of("name", "at once " + i);
            assertThat(other.post("/api/v1/occasion-templates", template).status())
                    .isEqualTo(204);
            assertThat(put(other, client, parts.get(i), unset(parts.get(i))).status())
                    .isEqualTo(200);
        });
        Map<String, Object> kept = brief(stylist, client);
        assertThat(parts).allSatisfy(part -> assertThat(kept).containsAllEntriesOf(part));
        for (int i = 0; i < parts.size(); i++) {
            assertThat(stylist.delete("/api/v1/occasion-templates/at%20once%20" + i)
                            .status())
                    .as("template %d", i)
                    .isEqualTo(204);
        }
    }

    private static List<Object> names(Caller stylist) {
        return stylist.get("/api/v1/occasion-templates").list().stream()
                .map(one -> one.get("name"))
                .toList();
    }

    @Test
    void aClimateIsReadAndAMistakeInItNamed(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String twelve = String.join("\n", Stream.generate(() -> "1 6").limit(12).toList());
        assertThat(stylist.post("/api/v1/climate/read", Map.of("text", twelve)).list())
                .hasSize(12);
        Caller.Answer wrong = stylist.post("/api/v1/climate/read", Map.of("text", twelve.replaceFirst("6", "warm")));
        assertThat(List.of(wrong.status(), wrong.text().contains("line 1"))).isEqualTo(List.of(400, true));
    }
}
