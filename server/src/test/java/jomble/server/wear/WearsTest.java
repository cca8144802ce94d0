package jomble.server.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningJomble.class)
@Tag("writes")
class WearsTest {
    private Caller stylist;
    private String client;

    @BeforeEach
    void newClient(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        stylist.post(client + "/pieces", Map.of("id", "a", "kind", "shirt"));
        stylist.post(client + "/pieces", Map.of("id", "b", "kind", "jeans"));
    }

    private Answer wear(String date, String... pieces) {
        return stylist.post(client + "/wears", Map.of("date", date, "pieces", List.of(pieces)));
    }

    @Test
    void countsWearsAndRemembersTheLastWhateverTheOrderTheyAreWrittenIn() {
        wear("2026-01-05", "a", "b");
        wear("2026-02-01", "a");
        wear("2026-01-20", "a");
        Map<String, Object> worn = stylist.get(client + "/wears").json();
        assertThat(worn.get("a")).isEqualTo(Map.of("times", 3, "last", "2026-02-01"));
        assertThat(worn.get("b")).isEqualTo(Map.of("times", 1, "last", "2026-01-05"));
    }

    @Test
    void goesOutWithTheDocumentAndIsTakenBackLikeAnyChange() {
        Object id = wear("2026-01-05", "a", "b").at("id");
        assertThat(stylist.get(client + "/document").at("wears", 0))
                .isEqualTo(Map.of("id", id, "date", "2026-01-05", "pieces", List.of("a", "b")));
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(client + "/wears").json()).isEmpty();
    }

    @Test
    void todayIsTheDayOfTheApplicationsClock() {
        Answer answer = stylist.post(client + "/wears", Map.of("pieces", List.of("b")));
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.at("date")).isEqualTo(Jomble.TODAY);
        assertThat(stylist.get(client + "/wears").at("b", "last")).isEqualTo(Jomble.TODAY);
    }

    /** At 09:00 UTC it is still the same day at the Line Islands, the furthest east there is. */
    @Test
    void takesTheDayOfTheCaller() {
        assertThat(wear("2027-01-12", "a").status()).isEqualTo(201);
        assertThat(wear("2027-01-13", "a").at("code")).isEqualTo("in-the-future");
    }

    /** What is known is added to, and read anew after anything else: asked after each change, the log is always whole. */
    @Test
    void isWholeAfterEveryChange() {
        wear("2026-01-05", "a");
        assertThat(times("a")).isEqualTo(1);
        wear("2026-01-06", "a");
        wear("2026-01-07", "a", "b");
        assertThat(times("a")).isEqualTo(3);
        stylist.post(client + "/undo", Map.of());
        assertThat(times("a")).isEqualTo(2);
        wear("2026-01-08", "b");
        assertThat(times("a")).isEqualTo(2);
        stylist.post(client + "/visits", Map.of("date", "2026-01-08"));
        stylist.post(client + "/pieces", Map.of("id", "c", "kind", "scarf"));
        wear("2026-01-09", "c");
        assertThat(times("c")).isEqualTo(1);
        Map<String, Object> document =
                new HashMap<>(stylist.get(client + "/document").json());
        document.put("wears", List.of());
        stylist.put(client + "/document", document);
        assertThat(stylist.get(client + "/wears").json()).isEmpty();
        stylist.post(client + "/undo", Map.of());
        assertThat(times("a")).isEqualTo(2);
    }

    private Object times(String piece) {
        return stylist.get(client + "/wears").at(piece, "times");
    }

    @Test
    void aLaterWearCostsNoMoreThanTheFirst(Jomble jomble) {
        HistorySize sizes = new HistorySize(jomble, client);
        wear("2026-01-05", "a", "b");
        long first = sizes.ofLatestChange();
        for (int i = 0; i < 60; i++) {
            wear("2026-01-06", "a", "b");
        }
        assertThat(sizes.ofLatestChange()).isEqualTo(first).isLessThan(4_000);
    }

    @ParameterizedTest(name = "{0} on {1}: {2} {3}")
    @CsvSource({
        "a, 2999-01-01, 409, in-the-future",
        "c, 2026-01-01, 400, invalid-input",
        "a, -0001-01-01, 409, too-early",
        "a, 1066-10-14, 409, too-early",
    })
    void refusesWhatCannotHaveBeenWorn(String piece, String date, int status, String code) {
        Answer answer = wear(date, piece);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.at("code")).isEqualTo(code);
        assertThat(stylist.get(client + "/wears").json()).isEmpty();
    }
}
