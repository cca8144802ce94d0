package jomble.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningJomble.class)
@Tag("writes")
class PiecesTest {
    private Caller stylist;
    private String pieces;
    private String client;

    @BeforeEach
    void newClient(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        pieces = client + "/pieces";
    }

    @Test
    void recordsAPieceFromALineAndDerivesTheRest() {
        Answer answer = stylist.post(
                pieces + "/entry", Map.of("line", "shirt white poplin regular long sleeve 49 second hand"));
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.json()).containsEntry("kind", "shirt").containsEntry("version", 1);
        assertThat(answer.at("set", "cloth")).isEqualTo("poplin");
        assertThat(answer.at("set", "source")).isEqualTo("second-hand");
        assertThat(answer.at("set", "cost", "currency")).isEqualTo("EUR");
        assertThat(answer.at("resolved", "neckline")).isEqualTo("point-collar");
        assertThat(answer.at("set", "neckline")).isNull();
        assertThat(stylist.get(pieces).list()).hasSize(1);
    }

    @Test
    void joinsTheSetALineNamesAndMakesItOnce() {
        for (String line : List.of("waistcoat part of the grey suit", "suit jacket grey part of the grey suit")) {
            assertThat(stylist.post(pieces + "/entry", Map.of("line", line)).status())
                    .isEqualTo(201);
        }
        assertThat(stylist.get(pieces).at(0, "set", "set"))
                .isEqualTo(stylist.get(pieces).at(1, "set", "set"));
        assertThat(stylist.get(client).at("sets", 0, "label")).isEqualTo("grey suit");
        stylist.post(client + "/undo", Map.of());
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(client).at("sets"))
                .as("the set goes with the piece that made it")
                .isEqualTo(List.of());
        Map<String, Object> refused =
                Map.of("line", "shirt part of the red suit", "also", Map.of("acquired", "2027-03-01"));
        assertThat(stylist.post(pieces + "/entry", refused).status()).isEqualTo(400);
        assertThat(stylist.get(client).at("sets"))
                .as("nothing is left of what was refused")
                .isEqualTo(List.of());
        Map<String, Object> unknown = Map.of("kind", "shirt", "set", "nowhere");
        assertThat(stylist.post(pieces, unknown).at("errors", 0, "pointer")).isEqualTo("/set");
        Map<String, Object> future = Map.of("kind", "shirt", "acquired", "2027-03-01");
        assertThat(stylist.post(pieces, future).at("errors", 0, "code")).isEqualTo("in-the-future");
    }

    @Test
    void keepsWordsNobodyUnderstandsAsNotesWhenAskedTo() {
        Map<String, Object> line =
                Map.of("line", "cardigan grey brunhilde", "keepUnknown", true, "also", Map.of("whereabouts", "stored"));
        Answer answer = stylist.post(pieces + "/entry", line);
        assertThat(answer.at("set", "notes")).isEqualTo("brunhilde");
        assertThat(answer.at("set", "whereabouts")).isEqualTo("stored");
    }

    /** No answer came and the line is sent again, from this window or another: it is one piece. */
    @Test
    void recordsALineOnceHoweverOftenItIsSent() {
        Map<String, Object> line = Map.of(
                "line",
                "shirt white",
                "keepUnknown",
                true,
                "key",
                UUID.randomUUID().toString());
        Answer first = stylist.post(pieces + "/entry", line);
        Answer again = stylist.post(pieces + "/entry", line);
        assertThat(again.status()).isEqualTo(201);
        assertThat(again.at("id")).isEqualTo(first.at("id"));
        assertThat(stylist.get(pieces).list()).hasSize(1);
        Map<String, Object> another = new HashMap<>(line);
        another.put("key", UUID.randomUUID().toString());
        List<Object> ids = IntStream.range(0, 8)
                .parallel()
                .mapToObj(i -> stylist.post(pieces + "/entry", another).at("id"))
                .distinct()
                .toList();
        assertThat(ids).as("sent by several at once").hasSize(1).doesNotContain(first.at("id"));
        assertThat(stylist.get(pieces).list()).hasSize(2);
    }

    private Answer enter(String line) {
        return stylist.post(pieces + "/entry", Map.of("line", line, "keepUnknown", true));
    }

    private Answer explain(Answer piece, String word, String as) {
        Map<String, Object> meaning = new HashMap<>(Map.of("word", word));
        meaning.put("as", as);
        return stylist.post(pieces + "/" + piece.at("id") + "/words", meaning);
    }

    private static List<Object> unclear(Answer piece) {
        return ((List<?>) piece.at("unclear"))
                .stream().map(one -> ((Map<?, ?>) one).get("word")).collect(Collectors.toList());
    }

    /** Whatever a line says, it is saved: what it leaves open is neither guessed nor counted as something else. */
    @Test
    void savesEveryLineAndMakesSenseOfItLater() {
        Answer jumper = enter("burgandy jumper brunhilde");
        assertThat(jumper.status()).isEqualTo(201);
        assertThat(jumper.at("label")).isEqualTo("Fine knit");
        assertThat(jumper.at("set", "asTyped")).isEqualTo("burgandy jumper brunhilde");
        assertThat(unclear(jumper)).containsExactly("burgandy", "brunhilde", "colour");
        assertThat(jumper.at("unclear", 0, "readings").toString()).contains("burgundy");

        Answer coloured = explain(jumper, "burgandy", "burgundy");
        assertThat(coloured.at("label")).isEqualTo("Burgundy fine knit");
        assertThat(unclear(coloured)).containsExactly("brunhilde");
        assertThat(coloured.at("set", "notes")).isEqualTo("brunhilde");
        assertThat(explain(jumper, "burgandy", "berry").status())
                .as("somebody else was quicker")
                .isEqualTo(409);
        assertThat(stylist.get(pieces).at(0, "label")).isEqualTo("Burgundy fine knit");
        Answer clear = explain(jumper, "brunhilde", null);
        assertThat(unclear(clear)).isEmpty();
        assertThat(clear.at("set", "notes")).isEqualTo("brunhilde");

        Answer nameless = enter("black velvet snorple");
        assertThat(nameless.at("kind")).isEqualTo("unnamed-piece");
        assertThat(nameless.at("roles")).isEqualTo(List.of());
        assertThat(nameless.at("label")).isEqualTo("black velvet snorple");
        Answer named = explain(nameless, "kind", "blazer");
        assertThat(named.at("label")).isEqualTo("Black velvet blazer");
        assertThat(unclear(named)).containsExactly("snorple");

        Answer misspelt = enter("jaens dark blue");
        assertThat(misspelt.at("kind")).as("a guess").isEqualTo("jeans");
        assertThat(unclear(misspelt)).as("with a mark").containsExactly("jaens");
        assertThat(explain(misspelt, "jaens", "glorb snorple").status()).isEqualTo(400);
        assertThat(unclear(explain(misspelt, "jaens", "jeans"))).isEmpty();

        Answer absurd = enter("court shoes navy 80 cm heel wool 70% silk 60%");
        assertThat(absurd.status()).as("what no piece can have is left out").isEqualTo(201);
        assertThat(stylist.post(client + "/undo", Map.of()).at("undone")).isEqualTo(true);
        stylist.post(client + "/undo", Map.of());
        assertThat(unclear(enter("shirt plaid"))).containsExactly("colour");
    }

    @Test
    void refusesALineItDoesNotUnderstandAndSavesNothing() {
        Answer answer = stylist.post(pieces + "/entry", Map.of("line", "shirt whitte poplin glorb"));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("errors", 0, "message").toString())
                .contains("whitte")
                .contains("did you mean \"white\"?");
        assertThat(answer.at("errors", 1, "message").toString()).contains("glorb");
        assertThat(stylist.get(pieces).list()).isEmpty();
    }

    @Test
    void takesBackChangesOneByOneDownToNothing() {
        stylist.post(pieces, Map.of("id", "a", "kind", "shirt", "label", "First"));
        stylist.put(pieces + "/a", Map.of("kind", "shirt", "label", "Second"));
        assertThat(stylist.delete(pieces + "/a").status()).isEqualTo(204);
        assertThat(stylist.get(pieces).list()).isEmpty();

        assertThat(stylist.post(client + "/undo", Map.of()).json())
                .containsEntry("action", "deleted")
                .containsEntry("label", "Second");
        assertThat(stylist.get(pieces).at(0, "label")).isEqualTo("Second");
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(pieces).at(0, "label")).isEqualTo("First");
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(pieces).list()).isEmpty();
        assertThat(stylist.post(client + "/undo", Map.of()).json()).containsEntry("undone", false);
    }

    @Test
    void doesAgainWhatWasUndoneUntilSomethingNewIsDone() {
        stylist.post(pieces, Map.of("id", "a", "kind", "shirt", "label", "First"));
        stylist.put(pieces + "/a", Map.of("kind", "shirt", "label", "Second"));
        stylist.post(client + "/undo", Map.of());
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(pieces).list()).isEmpty();
        stylist.post(client + "/redo", Map.of());
        assertThat(stylist.get(pieces).at(0, "label")).isEqualTo("First");
        stylist.post(client + "/redo", Map.of());
        assertThat(stylist.get(pieces).at(0, "label")).isEqualTo("Second");
        stylist.post(client + "/undo", Map.of());
        stylist.post(pieces, Map.of("id", "b", "kind", "jeans"));
        assertThat(stylist.post(client + "/redo", Map.of()).json()).containsEntry("undone", false);
        assertThat(stylist.get(pieces + "/a/story").list())
                .extracting(h -> h.get("action"))
                .containsExactly("undone", "redone", "redone", "undone", "undone", "changed", "added");
    }

    @Test
    void changesManyInOneStepOrNone() {
        for (String id : List.of("a", "b", "c")) {
            stylist.post(pieces, Map.of("id", id, "kind", "shirt"));
        }
        Map<String, Object> stale = Map.of("seen", seen("a", 0, "b", 9), "set", Map.of("whereabouts", "cleaner"));
        assertThat(stylist.post(pieces + "/change", stale).status()).isEqualTo(412);
        assertThat(stylist.get(pieces).at(0, "resolved", "whereabouts")).isEqualTo("wardrobe");
        Map<String, Long> before = seen("a", 0, "b", 0);
        Map<String, Object> fresh = Map.of("seen", before, "set", Map.of("whereabouts", "cleaner"));
        assertThat(stylist.post(pieces + "/change", fresh).list()).hasSize(2);
        Answer refused = stylist.post(pieces + "/delete", Map.of("seen", seen("a", 0, "b", -1, "c", 7)));
        assertThat(refused.status()).isEqualTo(412);
        assertThat(refused.at("detail").toString()).contains("b, c");
        refused = stylist.post(pieces + "/delete", Map.of("seen", Map.of("a", 1, "nowhere", 0)));
        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.at("detail").toString()).contains("nowhere");
        assertThat(stylist.delete(pieces + "/a", "If-Match", "\"" + before.get("a") + "\"")
                        .status())
                .isEqualTo(412);
        assertThat(stylist.get(pieces).list()).hasSize(3);
        stylist.post(pieces + "/delete", Map.of("seen", seen("a", 0, "b", 0)));
        assertThat(stylist.get(pieces).list()).hasSize(1);
        assertThat(stylist.post(client + "/undo", Map.of()).json()).containsEntry("entries", 2);
        assertThat(stylist.get(pieces).at(1, "resolved", "whereabouts")).isEqualTo("cleaner");
    }

    /** The versions of pieces as they are now, each off by a number. */
    private Map<String, Long> seen(Object... refsAndOffsets) {
        Map<String, Long> seen = new LinkedHashMap<>();
        for (int i = 0; i < refsAndOffsets.length; i += 2) {
            String ref = (String) refsAndOffsets[i];
            long version = stylist.get(pieces).list().stream()
                    .filter(piece -> piece.get("id").equals(ref))
                    .mapToLong(piece -> ((Number) piece.get("version")).longValue())
                    .findFirst()
                    .orElseThrow();
            seen.put(ref, version + (Integer) refsAndOffsets[i + 1]);
        }
        return seen;
    }

    /** Refs are told apart to the letter, in the database as everywhere else. */
    @Test
    void refsThatDifferInCaseOrAccentAreTwo() {
        List<String> refs = List.of("k1", "K1", "zeta", "zéta", "k1 x");
        for (String ref : refs) {
            assertThat(stylist.post(pieces, Map.of("id", ref, "kind", "shirt", "label", ref))
                            .status())
                    .as(ref)
                    .isEqualTo(201);
        }
        assertThat(stylist.post(pieces, Map.of("id", "K1", "kind", "shirt")).status())
                .isEqualTo(409);
        assertThat(stylist.delete(pieces + "/K1").status()).isEqualTo(204);
        assertThat(stylist.get(pieces).list())
                .extracting(piece -> piece.get("label"))
                .containsExactly("k1", "zeta", "zéta", "k1 x");
        assertThat(stylist.get(pieces + "/k1/story").list()).hasSize(1);
    }

    @Test
    void keepsMoneyToTheCent() {
        stylist.post(pieces, Map.of("id", "a", "kind", "shirt", "cost", Map.of("amount", 19.99, "currency", "EUR")));
        assertThat(stylist.get(pieces).text()).contains("\"amount\":19.99");
    }

    @Test
    void aDocumentComesOutAsItWentInAndABadOneChangesNothing(Jomble jomble) {
        Answer demo = stylist.get("/api/v1/clients");
        Object ines = demo.list().stream()
                .filter(c -> c.get("name").equals("Ines Halvard"))
                .findFirst()
                .orElseThrow()
                .get("id");
        Map<String, Object> document =
                stylist.get("/api/v1/clients/" + ines + "/document").json();
        assertThat(stylist.put(client + "/document", document).json()).containsEntry("pieces", 64);
        assertThat(stylist.get(client + "/document").json()).isEqualTo(document);

        Map<String, Object> broken = new HashMap<>(document);
        broken.put("pieces", List.of(Map.of("id", "a", "kind", "shirt"), Map.of("id", "a", "kind", "nonsense")));
        Answer refused = stylist.put(client + "/document", broken);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("errors", 0, "pointer")).isEqualTo("/pieces/1/kind");
        assertThat(stylist.get(client + "/document").json()).isEqualTo(document);
    }

    @Test
    @Tag("one-instance")
    void readsAWardrobeInAFixedNumberOfStatements(Jomble jomble) {
        Statistics statistics = jomble.bean(EntityManagerFactory.class)
                .unwrap(SessionFactory.class)
                .getStatistics();
        for (int i = 0; i < 5; i++) {
            stylist.post(pieces, Map.of("kind", "shirt"));
        }
        long few = statements(statistics);
        for (int i = 0; i < 20; i++) {
            stylist.post(pieces, Map.of("kind", "shirt"));
        }
        assertThat(statements(statistics)).isEqualTo(few).isLessThanOrEqualTo(4);
    }

    private long statements(Statistics statistics) {
        statistics.clear();
        assertThat(stylist.get(pieces).status()).isEqualTo(200);
        return statistics.getPrepareStatementCount();
    }

    @Test
    void deletingManyTakesNothingToSet() {
        Object version =
                stylist.post(pieces, Map.of("id", "p1", "kind", "shirt")).at("version");
        Answer refused = stylist.post(
                pieces + "/delete", Map.of("seen", Map.of("p1", version), "set", Map.of("decision", "part-with")));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(stylist.get(pieces).list()).hasSize(1);
    }

    @Test
    void undoTakesBackWhatIsAroundThePiecesToo() {
        Map<String, Object> palette = Map.of("base", List.of("#22304d"), "accents", List.of(), "avoid", List.of());
        stylist.put(client + "/palette", palette);
        stylist.post(pieces, Map.of("id", "p1", "kind", "suit-jacket"));
        Map<String, Object> suit = Map.of("kind", "suit", "label", "Navy suit", "pieces", List.of("p1"));
        stylist.put(client + "/sets/s1", suit);
        assertThat(stylist.get(pieces).at(0, "set", "set")).isEqualTo("s1");

        assertThat(stylist.post(client + "/undo", null).at("entries")).isEqualTo(1);
        assertThat(stylist.get(pieces).at(0, "set", "set")).isNull();
        assertThat(stylist.get(client).at("sets")).isEqualTo(List.of());
        stylist.post(client + "/undo", null);
        assertThat(stylist.post(client + "/undo", null).at("fields")).isEqualTo(List.of("palette"));
        assertThat(stylist.get(client + "/palette").at("client", "base")).isEqualTo(List.of());
        stylist.post(client + "/redo", null);
        assertThat(stylist.get(client + "/palette").at("client", "base")).isEqualTo(List.of("#22304d"));
    }

    @Test
    void tagsManyPiecesAndKeepsAnErrandToTheCent() {
        stylist.post(pieces, Map.of("id", "p1", "kind", "shirt", "tags", List.of("holiday")));
        stylist.post(pieces, Map.of("id", "p2", "kind", "jeans"));
        Map<String, Object> tagged =
                Map.of("seen", seen("p1", 0, "p2", 0), "add", Map.of("tags", List.of("to sell", "holiday")));
        assertThat(stylist.post(pieces + "/change", tagged).list())
                .extracting(p -> ((Map<?, ?>) p.get("set")).get("tags").toString())
                .containsExactlyInAnyOrder("[holiday, to sell]", "[to sell, holiday]");

        Map<String, Object> cost = Map.of("amount", 12.35, "currency", "EUR");
        Map<String, Object> errand =
                Map.of("what", "shorten by 3 cm", "where", "harbour tailor", "by", "2027-02-01", "cost", cost);
        Map<String, Object> altered = Map.of("kind", "jeans", "decision", "alter", "errand", errand);
        assertThat(stylist.put(pieces + "/p2", altered).at("set", "errand")).isEqualTo(errand);
        Map<String, Object> wrong = Map.of("kind", "jeans", "errand", Map.of("by", "soon"), "tags", List.of("a,b"));
        assertThat(stylist.post(pieces, wrong).at("errors"))
                .asString()
                .contains("/errand/by")
                .contains("/tags/0");
    }
}
