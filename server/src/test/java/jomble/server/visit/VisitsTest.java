package jomble.server.visit;

import static org.assertj.core.api.Assertions.assertThat;

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
class VisitsTest {
    private Caller stylist;
    private String client;

    @BeforeEach
    void newClient(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
    }

    private Answer visit(String date, String note) {
        return stylist.post(client + "/visits", Map.of("date", date, "note", note));
    }

    private static String[] seen(Object version) {
        return new String[] {"If-Match", "\"" + version + "\""};
    }

    private Map<String, Object> line() {
        return stylist.get("/api/v1/clients?today=" + Jomble.TODAY).list().stream()
                .filter(one -> client.endsWith(one.get("id").toString()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void areListedLatestFirstAndTheClientsListHasTheLastAndTheNext() {
        visit("2026-11-03", "measured");
        visit("2027-02-04", "spring");
        visit("2027-01-12", "today");
        visit("2027-01-05", "");
        assertThat(stylist.get(client + "/visits").list())
                .extracting(one -> one.get("date"))
                .containsExactly("2027-02-04", "2027-01-12", "2027-01-05", "2026-11-03");
        assertThat(line()).containsEntry("lastVisit", "2027-01-05").containsEntry("nextVisit", "2027-01-12");
    }

    @Test
    void aClientNeverVisitedHasNeither() {
        assertThat(line()).containsEntry("lastVisit", null).containsEntry("nextVisit", null);
    }

    @Test
    void areChangedAndDeletedAtTheVersionThatWasSeen() {
        Answer added = visit("2026-11-03", "measured");
        String path = client + "/visits/" + added.at("id");
        Answer moved = stylist.patch(path, Map.of("date", "2026-11-04"), seen(added.at("version")));
        assertThat(moved.at("date")).isEqualTo("2026-11-04");
        assertThat(moved.at("note")).isEqualTo("measured");
        assertThat(stylist.patch(path, Map.of("note", "too late"), seen(added.at("version")))
                        .status())
                .isEqualTo(412);
        assertThat(stylist.send("DELETE", path, null).status()).isEqualTo(428);
        assertThat(stylist.delete(path, seen(added.at("version"))).status()).isEqualTo(412);
        assertThat(stylist.delete(path, seen(moved.at("version"))).status()).isEqualTo(204);
        assertThat(stylist.delete(path, seen(moved.at("version"))).status()).isEqualTo(404);
        assertThat(stylist.get(client + "/visits").list()).isEmpty();
    }

    @Test
    void anOldVersionIsNotValidAgainAfterDeletingAndUndo() {
        Answer added = visit("2026-11-03", "measured");
        String path = client + "/visits/" + added.at("id");
        stylist.delete(path, seen(added.at("version")));
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(client + "/visits").at(0, "note")).isEqualTo("measured");
        assertThat(stylist.patch(path, Map.of("note", "stale"), seen(added.at("version")))
                        .status())
                .isEqualTo(412);
    }

    @Test
    void goOutWithTheDocumentAndComeInAgain() {
        visit("2026-11-03", "measured");
        Map<String, Object> document = stylist.get(client + "/document").json();
        assertThat(document.get("visits").toString()).contains("measured");
        String other = stylist.newClient();
        stylist.put(other + "/document", document);
        assertThat(stylist.get(other + "/document").json()).isEqualTo(document);
        assertThat(stylist.get(other + "/visits").at(0, "note")).isEqualTo("measured");
    }

    @ParameterizedTest(name = "{0}: {1} {2}")
    @CsvSource({
        "1066-10-14, 409, out-of-range",
        "2999-01-01, 409, out-of-range",
        "yesterday,  400, invalid-input",
        ",           400, invalid-input",
    })
    void refusesADateThatIsNone(String date, int status, String code) {
        Answer answer = stylist.post(client + "/visits", date == null ? Map.of() : Map.of("date", date));
        assertThat(answer.status()).isEqualTo(status);
        assertThat(stylist.get(client + "/visits").list()).isEmpty();
    }

    @Test
    void refusesALongNote() {
        assertThat(visit("2026-11-03", "x".repeat(2001)).status()).isEqualTo(400);
        assertThat(visit("2026-11-03", List.of("x").toString().repeat(10)).status())
                .isEqualTo(201);
    }
}
