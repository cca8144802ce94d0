package jomble.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Undo says what it takes back. */
@ExtendWith(RunningJomble.class)
@Tag("writes")
class UndoNamesTest {
    private Caller stylist;
    private String client;

    @BeforeEach
    void newClient(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        stylist.post(client + "/pieces", Map.of("id", "a", "kind", "shirt", "label", "white shirt"));
        stylist.post(client + "/pieces", Map.of("id", "b", "kind", "jeans"));
    }

    @ParameterizedTest(name = "{0}: {1} {2} {3} of {5} {4}")
    @CsvSource({
        "piece,   added,   pieces,    navy blazer, ,           1, []",
        "pieces,  deleted, pieces,    '',          ,           2, []",
        "wear,    added,   wears,     '',          2026-01-12, 1, []",
        "visit,   added,   visits,    '',          2027-02-04, 1, []",
        "outfit,  added,   outfits,   Monday,      ,           1, []",
        "never,   added,   overrides, '',          ,           1, []",
        "palette, added,   brief,     '',          ,           1, [palette]",
        "rules,   added,   rules,     '',          ,           1, [parameters]",
    })
    void saysWhatWasTakenBack(
            String change, String action, String part, String label, String date, int entries, String fields) {
        assertThat(change(change).status()).isBetween(200, 204);
        Answer undone = stylist.post(client + "/undo", Map.of());
        assertThat(undone.json())
                .containsEntry("undone", true)
                .containsEntry("action", action)
                .containsEntry("part", part)
                .containsEntry("label", label)
                .containsEntry("date", date)
                .containsEntry("entries", entries);
        assertThat(undone.at("fields").toString().replace(',', ';')).isEqualTo(fields);
        assertThat(stylist.post(client + "/redo", Map.of()).json())
                .containsEntry("action", "undone")
                .containsEntry("part", part)
                .containsEntry("label", label);
    }

    private Answer change(String change) {
        return switch (change) {
            case "piece" ->
                stylist.post(client + "/pieces", Map.of("id", "c", "kind", "blazer", "label", "navy blazer"));
            case "pieces" ->
                stylist.post(client + "/pieces/delete", Map.of("seen", Map.of("a", version("a"), "b", version("b"))));
            case "wear" -> stylist.post(client + "/wears", Map.of("date", "2026-01-12", "pieces", List.of("a")));
            case "visit" -> stylist.post(client + "/visits", Map.of("date", "2027-02-04"));
            case "outfit" ->
                stylist.post(
                        client + "/saved-outfits",
                        Map.of("name", "Monday", "slots", Map.of("top", "a", "bottom", "b"), "finishes", Map.of()));
            case "never" ->
                stylist.post(client + "/overrides", Map.of("pieces", List.of("a", "b"), "decision", "never"));
            case "palette" ->
                stylist.put(
                        client + "/palette",
                        Map.of("base", List.of("#22304d"), "accents", List.of(), "avoid", List.of()));
            default -> stylist.put(client + "/rules", Map.of("parameters", Map.of("colour.near-miss/clear-from", 5.5)));
        };
    }

    private Object version(String piece) {
        return stylist.get(client + "/pieces").list().stream()
                .filter(one -> one.get("id").equals(piece))
                .map(one -> one.get("version"))
                .findFirst()
                .orElseThrow();
    }
}
