package jomble.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Random changes of every sort, all taken back one by one and all done again: the document is what it was at each step. */
@ExtendWith(RunningJomble.class)
@Tag("writes")
class UndoTest {
    private static final int CHANGES = 25;
    private static final List<String> KINDS = List.of("shirt", "jeans", "blazer", "loafers", "scarf");
    private static final List<String> COLOURS = List.of("#22304d", "#c0272d", "#f7f7f5");

    private Caller stylist;
    private String client;
    private Random random;

    @ParameterizedTest
    @ValueSource(longs = {1, 2})
    void everyStepIsTakenBackAndDoneAgain(long seed, Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        random = new Random(seed);
        List<Object> documents = new ArrayList<>(List.of(document()));
        for (int i = 0; i < CHANGES; i++) {
            Answer answer = change(i);
            assertThat(answer.status()).as("change %d: %s", i, answer.text()).isBetween(200, 204);
            if (!document().equals(documents.get(documents.size() - 1))) {
                documents.add(document());
            }
        }
        assertThat(documents).hasSizeGreaterThan(CHANGES / 2);
        goesThrough(documents, documents.size() - 2, -1, "/undo");
        goesThrough(documents, 1, 1, "/redo");

        int back = 1 + random.nextInt(documents.size() - 1);
        goesThrough(documents.subList(documents.size() - 1 - back, documents.size()), back - 1, -1, "/undo");
        stylist.post(client + "/pieces", Map.of("id", "fresh", "kind", "shirt"));
        Object fresh = document();
        assertThat(stylist.post(client + "/redo", Map.of()).at("undone"))
                .as("nothing to do again after something new")
                .isEqualTo(false);
        assertThat(document()).isEqualTo(fresh);
    }

    /** To one document after the other, and then no further. */
    private void goesThrough(List<Object> documents, int from, int by, String way) {
        for (int i = from; i >= 0 && i < documents.size(); i += by) {
            do {
                assertThat(stylist.post(client + way, Map.of()).at("undone"))
                        .as("%s to %d", way, i)
                        .isEqualTo(true);
            } while (isOneOfTheSame(documents, i - by));
            assertThat(document()).as("%s to %d", way, i).isEqualTo(documents.get(i));
        }
    }

    /** A change that changed nothing is a step as well. */
    private boolean isOneOfTheSame(List<Object> documents, int place) {
        return document().equals(documents.get(place));
    }

    private Object document() {
        return stylist.get(client + "/document").json();
    }

    private Answer change(int i) {
        List<Map<String, Object>> pieces = stylist.get(client + "/pieces").list();
        Map<String, Object> one = pieces.isEmpty() ? null : pieces.get(random.nextInt(pieces.size()));
        int sort = one == null ? 0 : random.nextInt(12);
        return switch (sort) {
            case 0, 1 ->
                stylist.post(client + "/pieces", Map.of("id", "p" + i, "kind", any(KINDS), "label", "Piece " + i));
            case 2 -> stylist.post(client + "/pieces/entry", Map.of("line", any(KINDS) + " navy"));
            case 3 ->
                stylist.put(
                        client + "/pieces/" + one.get("id"),
                        Map.of("kind", one.get("kind"), "label", "Now " + i, "colours", List.of(any(COLOURS))),
                        "If-Match",
                        "\"" + one.get("version") + "\"");
            case 4 -> stylist.delete(client + "/pieces/" + one.get("id"));
            case 5 ->
                stylist.post(
                        client + "/pieces/change",
                        Map.of("seen", seen(pieces), "set", Map.of("notes", "Seen in round " + i)));
            case 6 ->
                stylist.post(
                        client + "/overrides",
                        Map.of("pieces", List.of(one.get("id")), "decision", "never", "reason", "round " + i));
            case 7 ->
                stylist.post(
                        client + "/wears", Map.of("date", "2026-12-0" + (1 + i % 9), "pieces", List.of(one.get("id"))));
            case 8 ->
                stylist.put(
                        client + "/palette",
                        Map.of(
                                "base",
                                List.of(any(COLOURS)),
                                "accents",
                                List.of(),
                                "avoid",
                                List.of("#00000" + i % 10)));
            case 9 -> stylist.post(client + "/visits", Map.of("date", "2027-02-0" + (1 + i % 9), "note", "visit " + i));
            case 10 -> replaced(i);
            default ->
                stylist.put(
                        client + "/rules",
                        Map.of(
                                "parameters",
                                Map.of("colour.near-miss/clear-from", 5 + i % 4 + random.nextInt(100) / 100.0)));
        };
    }

    /** Brings in the document in another order, without some of it. */
    private Answer replaced(int i) {
        Map<String, Object> document =
                new HashMap<>(stylist.get(client + "/document").json());
        for (String part : List.of("wears", "visits", "overrides")) {
            List<Object> entries = new ArrayList<>((List<?>) document.get(part));
            Collections.shuffle(entries, random);
            document.put(part, entries.subList(0, entries.size() - (entries.size() > 2 && i % 2 == 0 ? 1 : 0)));
        }
        return stylist.put(client + "/document", document);
    }

    private static Map<String, Object> seen(List<Map<String, Object>> pieces) {
        Map<String, Object> seen = new HashMap<>();
        pieces.forEach(piece -> seen.put(piece.get("id").toString(), piece.get("version")));
        return seen;
    }

    private String any(List<String> list) {
        return list.get(random.nextInt(list.size()));
    }
}
