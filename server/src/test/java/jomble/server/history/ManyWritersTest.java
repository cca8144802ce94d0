package jomble.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Many stylists write to one client at the same time: what is acknowledged is there, and the history takes all of it back. */
@ExtendWith(RunningJomble.class)
class ManyWritersTest {
    private static final int WRITERS = 8;
    private static final int WRITES = 24;

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
                    () -> IntStream.range(0, WRITES).forEach(i -> write(caller, client, number + "-" + i, i % 6)));
        }
        writers.shutdown();
        assertThat(writers.awaitTermination(3, TimeUnit.MINUTES)).isTrue();

        assertThat(strange).isEmpty();
        Map<String, Object> document = stylist.get(client + "/document").json();
        assertThat(pieces).hasSize(WRITERS * WRITES / 3);
        assertThat(named(document, "pieces", "id")).containsAll(pieces);
        assertThat(named(document, "overrides", "reason")).containsExactlyInAnyOrderElementsOf(rulings);
        assertThat(named(document, "sets", "id")).containsExactlyInAnyOrderElementsOf(sets);
        assertThat((List<?>) document.get("wears")).hasSameSizeAs(wears);
        while (stylist.post(client + "/undo", Map.of()).at("undone").equals(true)) {
            assertThat(strange).isEmpty();
        }
        assertThat(stylist.get(client + "/document").json()).isEqualTo(empty);
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
            default -> {
                Map<String, Object> notes = Map.of("set", Map.of("notes", mark));
                keep(caller.put(client + "/brief", notes), mark, new ConcurrentLinkedQueue<>());
            }
        }
    }

    /** The piece this writer added in the same round. */
    private static String pair(String mark) {
        String[] parts = mark.split("-");
        return parts[0] + "-" + Integer.parseInt(parts[1]) / 6 * 6;
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
