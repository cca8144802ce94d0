package jomble.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** Many stylists write to one client at the same time: what is acknowledged is there, and the history takes all of it back. */
@ExtendWith(RunningJomble.class)
@Tag("writes")
class ManyWritersTest {
    private static final int WRITERS = 8;
    private static final int WRITES = 50;
    private static final int SORTS = 8;

    private final Queue<String> pieces = new ConcurrentLinkedQueue<>();
    private final Queue<String> rulings = new ConcurrentLinkedQueue<>();
    private final Queue<String> wears = new ConcurrentLinkedQueue<>();
    private final Queue<String> sets = new ConcurrentLinkedQueue<>();
    private final Queue<String> strange = new ConcurrentLinkedQueue<>();

    @Test
    void nothingAcknowledgedIsLost(Jomble jomble) throws InterruptedException {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        Object empty = stylist.get(client + "/document").json();
        stylist.post(client + "/pieces", Map.of("id", "coat", "kind", "coat"));
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        for (int writer = 0; writer < WRITERS; writer++) {
            Caller caller = jomble.stylist();
            int number = writer;
            writers.execute(
                    () -> IntStream.range(0, WRITES).forEach(i -> write(caller, client, number + "-" + i, i % SORTS)));
        }
        writers.shutdown();
        assertThat(writers.awaitTermination(3, TimeUnit.MINUTES)).isTrue();

        assertThat(strange).isEmpty();
        Map<String, Object> document = stylist.get(client + "/document").json();
        assertThat(pieces).hasSize(WRITERS * (2 * (WRITES / SORTS) + 2));
        assertThat(named(document, "pieces", "id")).containsAll(pieces);
        assertThat(named(document, "overrides", "reason")).containsExactlyInAnyOrderElementsOf(rulings);
        assertThat(named(document, "sets", "id")).containsExactlyInAnyOrderElementsOf(sets);
        assertThat((List<?>) document.get("wears")).hasSameSizeAs(wears);
        historyIsWhole(jomble, client, WRITERS * WRITES);
        while (stylist.post(client + "/undo", Map.of()).at("undone").equals(true)) {
            assertThat(strange).isEmpty();
        }
        assertThat(stylist.get(client + "/document").json()).isEqualTo(empty);
    }

    @Test
    void undoTakesBackOneStepOfSomebodyAndNoMore(Jomble jomble) throws InterruptedException {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        Queue<String> undone = new ConcurrentLinkedQueue<>();
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        for (int writer = 0; writer < WRITERS; writer++) {
            Caller caller = jomble.stylist();
            int number = writer;
            writers.execute(() -> IntStream.range(0, WRITES).forEach(i -> {
                String mark = number + "-" + i;
                if (i % 4 == 3) {
                    Answer undo = keep(caller.post(client + "/undo", Map.of()), mark, new ConcurrentLinkedQueue<>());
                    assertThat(undo.at("action")).isEqualTo("added");
                    undone.add(undo.at("label").toString());
                } else {
                    Map<String, Object> piece = Map.of("kind", "shirt", "label", mark);
                    keep(caller.post(client + "/pieces", piece), mark, pieces);
                }
            }));
        }
        writers.shutdown();
        assertThat(writers.awaitTermination(3, TimeUnit.MINUTES)).isTrue();
        assertThat(strange).isEmpty();
        assertThat(undone).hasSize(WRITERS * (WRITES / 4)).doesNotHaveDuplicates();
        List<String> left = new ArrayList<>(pieces);
        left.removeAll(undone);
        assertThat(named(stylist.get(client + "/document").json(), "pieces", "label"))
                .containsExactlyInAnyOrderElementsOf(left);
        historyIsWhole(jomble, client, WRITERS * WRITES);
        assertThat(stylist.put(client + "/document", Map.of()).status())
                .as("no large wardrobe is left for other tests to count")
                .isEqualTo(200);
    }

    /** Changes are numbered from 1 on without a gap. */
    private static void historyIsWhole(Jomble jomble, String client, int changes) {
        List<Long> numbers = jomble.bean(JdbcTemplate.class)
                .queryForList(
                        "select number from wardrobe_change where client_id = ? order by number",
                        Long.class,
                        client.substring(client.lastIndexOf('/') + 1));
        assertThat(numbers).hasSizeGreaterThanOrEqualTo(changes).startsWith(1L).endsWith((long) numbers.size());
    }

    private void write(Caller caller, String client, String mark, int sort) {
        switch (sort) {
            case 0 -> {
                Answer added = keep(caller.post(client + "/pieces", Map.of("id", mark, "kind", "shirt")), mark, pieces);
                assertThat(added.status()).isEqualTo(201);
            }
            case 1 -> {
                Answer entered = caller.post(client + "/pieces/entry", Map.of("line", "shirt white"));
                keep(entered, entered.status() == 201 ? entered.at("id").toString() : mark, pieces);
            }
            case 2 -> {
                Map<String, Object> ruling = Map.of("pieces", List.of(pair(mark)), "decision", "never", "reason", mark);
                keep(caller.post(client + "/overrides", ruling), mark, rulings);
            }
            case 3 -> keep(caller.post(client + "/wears", Map.of("pieces", List.of("coat"))), mark, wears);
            case 4 -> {
                Map<String, Object> set = Map.of("kind", "suit", "label", mark, "pieces", List.of(pair(mark)));
                keep(caller.put(client + "/sets/s" + mark, set), "s" + mark, sets);
            }
            case 5 -> {
                Map<String, Object> palette =
                        Map.of("base", List.of("#22304d"), "accents", List.of(), "avoid", List.of());
                keep(persisting(() -> caller.put(client + "/palette", palette)), mark, new ConcurrentLinkedQueue<>());
            }
            case 6 -> {
                Map<String, Object> piece = Map.of("id", "brief-" + mark, "kind", "shirt");
                keep(caller.post(client + "/pieces", piece), mark, new ConcurrentLinkedQueue<>());
                keep(
                        persisting(() -> caller.delete(client + "/pieces/brief-" + mark)),
                        mark,
                        new ConcurrentLinkedQueue<>());
            }
            default -> {
                Map<String, Object> notes = Map.of("set", Map.of("notes", mark));
                keep(persisting(() -> caller.put(client + "/brief", notes)), mark, new ConcurrentLinkedQueue<>());
            }
        }
    }

    /** Looks again and tries again while others were faster. */
    private static Answer persisting(Supplier<Answer> attempt) {
        Answer answer = attempt.get();
        while (answer.status() == 412) {
            answer = attempt.get();
        }
        return answer;
    }

    /** The piece this writer added in the same round. */
    private static String pair(String mark) {
        String[] parts = mark.split("-");
        return parts[0] + "-" + Integer.parseInt(parts[1]) / SORTS * SORTS;
    }

    private Answer keep(Answer answer, String mark, Queue<String> acknowledged) {
        if (answer.status() < 300) {
            acknowledged.add(mark);
        } else {
            strange.add(mark + ": " + answer.status() + " " + answer.text());
        }
        return answer;
    }

    @SuppressWarnings("unchecked")
    private static List<String> named(Map<String, Object> document, String list, String field) {
        return ((List<Map<String, Object>>) document.getOrDefault(list, List.of()))
                .stream().map(entry -> entry.get(field).toString()).toList();
    }
}
