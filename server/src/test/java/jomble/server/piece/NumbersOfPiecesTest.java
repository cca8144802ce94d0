package jomble.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The id of a piece is its own for good: what names a piece that has gone never comes to mean another. */
@ExtendWith(RunningJomble.class)
@Tag("writes")
class NumbersOfPiecesTest {
    private Caller stylist;
    private String client;
    private String pieces;

    @BeforeEach
    void threePieces(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        pieces = client + "/pieces";
        for (String kind : List.of("shirt", "jeans", "cardigan")) {
            added(kind);
        }
    }

    private String added(String kind) {
        return stylist.post(pieces, Map.of("kind", kind)).at("id").toString();
    }

    private String entered(String line) {
        return stylist.post(pieces + "/entry", Map.of("line", line)).at("id").toString();
    }

    private List<Object> ids() {
        return stylist.get(pieces).list().stream().map(piece -> piece.get("id")).toList();
    }

    private void importLines(String csv) {
        assertThat(stylist.sendText("POST", client + "/inventory", csv, "Content-Type", "text/csv")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void theNextPieceInheritsNothingOfADeletedOne() {
        stylist.post(client + "/wears", Map.of("date", "2027-01-03", "pieces", List.of("p3")));
        stylist.post(client + "/overrides", Map.of("pieces", List.of("p1", "p3"), "decision", "never"));
        stylist.post(
                client + "/saved-outfits",
                Map.of("name", "O", "slots", Map.of("top", "p1", "bottom", "p2", "mid", "p3")));
        stylist.delete(pieces + "/p3");
        assertThat(entered("coat navy")).isEqualTo("p4");
        assertThat(stylist.get(client + "/wears").json()).doesNotContainKey("p4");
        assertThat(stylist.get(client + "/saved-outfits").at(0, "gone")).isEqualTo(List.of("p3"));
        assertThat(stylist.get(pieces + "/p4/story").list()).hasSize(1);
        assertThat(stylist.get(client + "/overrides").at(0, "pieces")).isEqualTo(List.of("p1", "p3"));
        assertThat(stylist.get(client + "/overrides").at(0, "gone")).isEqualTo(List.of("p3"));
    }

    @Test
    void undoBringsAPieceBackUnderItsOwnId() {
        stylist.delete(pieces + "/p3");
        stylist.post(client + "/undo", null);
        assertThat(ids()).containsExactly("p1", "p2", "p3");
        assertThat(added("coat")).isEqualTo("p4");
        stylist.post(client + "/undo", null);
        assertThat(added("coat"))
                .as("the number of what was undone is not given again")
                .isEqualTo("p5");
    }

    @Test
    void manyAtOnceAndImportsGoOnFromTheHighestNumberEverNamed() {
        stylist.delete(pieces + "/p3");
        stylist.post(pieces + "/entries", Map.of("lines", List.of("coat navy", "skirt red")));
        assertThat(ids()).containsExactly("p1", "p2", "p4", "p5");
        importLines("id,kind\n,scarf\np60,belt\n,hat\n");
        assertThat(ids()).containsExactly("p1", "p2", "p4", "p5", "p61", "p60", "p62");
        stylist.post(pieces, Map.of("id", "p70", "kind", "coat"));
        stylist.delete(pieces + "/p70");
        assertThat(added("coat")).isEqualTo("p71");
        stylist.put(client + "/document", Map.of("pieces", List.of(Map.of("id", "p900", "kind", "shirt"))));
        assertThat(added("jeans")).isEqualTo("p901");
    }

    @Test
    void anImportedRowWithoutAnIdNeverChangesAPieceAddedMeanwhile(Jomble jomble) {
        List<Caller> callers =
                IntStream.range(0, 6).mapToObj(i -> jomble.stylist()).toList();
        List<Integer> added = callers.parallelStream()
                .map(caller -> (Integer) caller.sendText(
                                "POST", client + "/inventory", "kind\nscarf\nbelt\n", "Content-Type", "text/csv")
                        .at("added"))
                .toList();
        assertThat(added).containsOnly(2);
        assertThat(ids()).hasSize(3 + 12).doesNotHaveDuplicates();
    }

    @Test
    void aDocumentThatNamesADeletedPieceStartsItsStoryAnew() {
        Map<String, Object> document = stylist.get(client + "/document").json();
        stylist.put(pieces + "/p3", Map.of("kind", "cardigan", "label", "Old cardigan"));
        stylist.delete(pieces + "/p3");
        stylist.put(client + "/document", document);
        assertThat(stylist.get(pieces + "/p3/story").list())
                .extracting(change -> change.get("action"))
                .containsExactly("added");
    }

    @Test
    void versionsNeverStartAnew() {
        Object first = stylist.get(pieces).at(2, "version");
        stylist.delete(pieces + "/p3");
        stylist.post(client + "/undo", null);
        Object back = stylist.get(pieces).at(2, "version");
        assertThat((Integer) back).isGreaterThan((Integer) first);
        assertThat(stylist.put(pieces + "/p3", Map.of("kind", "coat"), "If-Match", "\"" + first + "\"")
                        .status())
                .isEqualTo(412);
    }
}
