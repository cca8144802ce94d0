package jomble.server.outfit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import jomble.core.sample.SampleWardrobe;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The calls that vary outfits, held against the list of all outfits. */
@ExtendWith(RunningJomble.class)
class OutfitComputeTest {
    private static final Map<String, Object> WARDROBE = Map.of("pieces", SampleWardrobe.pieces(5, 24, 0.3));

    private static Answer ask(Jomble jomble, String call, Map<String, Object> more) {
        Map<String, Object> request = new HashMap<>(Map.of("wardrobe", WARDROBE));
        request.putAll(more);
        return jomble.program().post("/api/v1/compute/" + call, request);
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> all(Jomble jomble, Map<String, Object> more) {
        Map<String, Object> request = new HashMap<>(more);
        // small enough for each page to be within the time of a call on a machine that has just started
        request.put("limit", 100);
        List<Map<String, Object>> outfits = new ArrayList<>();
        while (true) {
            request.put("offset", outfits.size());
            Answer answer = ask(jomble, "outfits", request);
            assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
            List<?> page = (List<?>) answer.at("outfits");
            if (page.isEmpty()) {
                return outfits;
            }
            page.forEach(one -> outfits.add((Map<String, Object>) ((Map<?, ?>) one).get("slots")));
        }
    }

    private static int distance(Map<?, ?> one, Map<?, ?> other) {
        Set<Object> slots = new HashSet<>(one.keySet());
        slots.addAll(other.keySet());
        return (int) slots.stream()
                .filter(slot -> !Objects.equals(one.get(slot), other.get(slot)))
                .count();
    }

    private static int distanceToTheEye(Map<?, ?> one, Map<?, ?> other) {
        Map<String, Integer> weights =
                Map.of("bottom", 3, "onepiece", 3, "drape", 3, "top", 2, "mid", 2, "jacket", 2, "shoes", 2);
        return weights.entrySet().stream()
                .filter(slot -> !Objects.equals(one.get(slot.getKey()), other.get(slot.getKey())))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    @Test
    void listsEveryOutfitOneEditAway(Jomble jomble) {
        List<Map<String, Object>> all = all(jomble, Map.of());
        assertThat(all).hasSizeGreaterThan(50);
        Map<String, Object> from = all.get(all.size() / 3);
        Answer answer = ask(jomble, "changes", Map.of("outfit", from));
        assertThat(answer.status()).isEqualTo(200);
        Set<Object> told = new HashSet<>();
        for (Object one : (List<?>) answer.at("changes")) {
            Map<?, ?> change = (Map<?, ?>) one;
            Map<String, Object> after = new HashMap<>(from);
            after.put((String) change.get("slot"), change.get("to"));
            after.values().removeIf(Objects::isNull);
            assertThat(change.get("outfit")).isEqualTo(after);
            assertThat(change.get("from")).isEqualTo(from.get(change.get("slot")));
            assertThat(change.get("kind"))
                    .isEqualTo(change.get("to") == null ? "remove" : change.get("from") == null ? "add" : "swap");
            assertThat(change.get("verdict")).isEqualTo("works");
            told.add(after);
        }
        assertThat(told)
                .isEqualTo(new HashSet<>(
                        all.stream().filter(one -> distance(one, from) == 1).toList()));
    }

    @ParameterizedTest
    @CsvSource({"false, 4", "true, 4", "false, 0"})
    void findsTheShortestWaysToAnotherOccasion(boolean carry, int longest, Jomble jomble) {
        Map<String, Object> dinner =
                Map.of("occasion", Map.of("name", "dinner", "formalityLow", 4, "formalityHigh", 6));
        List<Map<String, Object>> there = all(jomble, Map.of("context", dinner));
        List<Map<String, Object>> all = all(jomble, Map.of());
        Map<String, Object> from =
                all.stream().filter(one -> !there.contains(one)).findFirst().orElseThrow();
        Answer answer =
                ask(jomble, "paths", Map.of("outfit", from, "context", dinner, "carry", carry, "longest", longest));
        List<Map<String, Object>> open =
                there.stream().filter(one -> !carry || isCarried(from, one)).toList();
        int shortest = open.stream().mapToInt(one -> distance(one, from)).min().orElse(99);
        List<?> paths = (List<?>) answer.at("paths");
        if (shortest > longest) {
            assertThat(answer.json()).doesNotContainKey("length");
            assertThat(paths).isEmpty();
            return;
        }
        assertThat(answer.at("length")).isEqualTo(shortest);
        assertThat(paths).hasSize((int)
                open.stream().filter(one -> distance(one, from) == shortest).count());
        for (Object path : paths) {
            List<?> steps = (List<?>) path;
            assertThat(steps).hasSize(shortest);
            assertThat(there).contains(outfitOf(steps.get(steps.size() - 1)));
        }
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> outfitOf(Object step) {
        return (Map<String, Object>) ((Map<?, ?>) step).get("outfit");
    }

    /** Whether all that is different is other shoes, or a layer taken off. */
    private static boolean isCarried(Map<String, Object> from, Map<String, Object> to) {
        Set<String> slots = new HashSet<>(from.keySet());
        slots.addAll(to.keySet());
        return slots.stream()
                .filter(slot -> !Objects.equals(from.get(slot), to.get(slot)))
                .allMatch(slot ->
                        slot.equals("shoes") || Set.of("mid", "jacket").contains(slot) && !to.containsKey(slot));
    }

    @Test
    void variesOnePieceAsMuchAsCanBe(Jomble jomble) {
        List<Map<String, Object>> all = all(jomble, Map.of());
        Object hero = all.get(0).get("shoes");
        Answer answer = ask(jomble, "ways", Map.of("hero", hero, "k", 4));
        assertThat(answer.at("total")).isEqualTo((int)
                all.stream().filter(one -> one.containsValue(hero)).count());
        List<?> outfits = (List<?>) answer.at("outfits");
        assertThat(outfits).hasSize(4);
        int smallest = 99;
        int fewest = 99;
        for (int i = 0; i < 4; i++) {
            Map<?, ?> slots = (Map<?, ?>) answer.at("outfits", i, "slots");
            assertThat(all).contains((Map<String, Object>) answer.at("outfits", i, "slots"));
            assertThat(slots.get("shoes")).isEqualTo(hero);
            assertThat((List<?>) answer.at("outfits", i, "parts")).isNotNull();
            for (int j = 0; j < i; j++) {
                Map<?, ?> other = (Map<?, ?>) answer.at("outfits", j, "slots");
                smallest = Math.min(smallest, distanceToTheEye(slots, other));
                fewest = Math.min(fewest, distance(slots, other));
            }
        }
        assertThat(answer.at("smallestDistance")).isEqualTo(smallest);
        assertThat(answer.at("fewestDifferences")).isEqualTo(fewest);
        assertThat(answer.at("quality")).isIn("exact", "greedy");
    }

    @Test
    void countsTheOutfitsOfAFormula(Jomble jomble) {
        Map<Object, Object> kinds = new HashMap<>();
        SampleWardrobe.pieces(5, 24, 0.3).forEach(piece -> kinds.put(piece.get("id"), piece.get("kind")));
        List<Map<String, Object>> all = all(jomble, Map.of());
        Object top = kinds.get(all.get(all.size() / 2).get("top"));
        Set<Object> expected = new HashSet<>(all.stream()
                .filter(one -> top.equals(kinds.get(one.get("top"))))
                .toList());
        Answer answer = ask(
                jomble,
                "formula",
                Map.of("formula", Map.of("slots", Map.of("top", Map.of("kinds", List.of(top)))), "limit", 500));
        assertThat(answer.at("total")).isEqualTo(expected.size());
        Set<Object> told = new HashSet<>();
        ((List<?>) answer.at("outfits")).forEach(one -> told.add(((Map<?, ?>) one).get("slots")));
        assertThat(told).isEqualTo(expected);
        Answer none = ask(
                jomble,
                "formula",
                Map.of("formula", Map.of("slots", Map.of("shoes", Map.of("kinds", List.of("rain-boots"))))));
        assertThat(none.at("total")).isEqualTo(0);
        assertThat(none.at("missing", 0, "text")).isEqualTo("Nothing to wear as shoes is rain boots.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ways    | {'k': 3}                                   | /hero",
                "ways    | {'hero': 'nobody'}                         | /hero",
                "ways    | {'hero': 'p1', 'k': 21}                    | /k",
                "changes | {}                                         | /outfit",
                "changes | {'outfit': {'top': 'nobody'}}              | /outfit/top",
                "paths   | {'outfit': {}, 'longest': 21}              | /longest",
                "formula | {}                                         | /formula/slots",
                "formula | {'formula': {'slots': {'top': {'fits': ['roomyy']}}}} | /formula/slots/top/fits/0",
            })
    void namesThePlaceOfWhatIsWrong(String call, String json, String pointer, Jomble jomble) {
        String wardrobe = "'wardrobe': {'pieces': [{'id': 'p1', 'kind': 'shirt'}]}";
        String body = json.replaceFirst("\\{", json.equals("{}") ? "{" + wardrobe : "{" + wardrobe + ", ");
        Answer answer = jomble.program().send("POST", "/api/v1/compute/" + call.strip(), body.replace('\'', '"'));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("errors", 0, "pointer")).isEqualTo(pointer);
    }
}
