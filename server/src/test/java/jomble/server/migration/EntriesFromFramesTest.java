package jomble.server.migration;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.PrivateMariaDb;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import tools.jackson.databind.json.JsonMapper;

/** A database as the version before wrote it: everything is there after the step, and all of it can still be undone. */
class EntriesFromFramesTest {
    private static final String STUDIO = UUID.randomUUID().toString();
    private static final String CLIENT = UUID.randomUUID().toString();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final Map<String, Object> FIRST = Map.of("date", "2026-01-05", "pieces", List.of("p1"));
    private static final Map<String, Object> SECOND = Map.of("date", "2026-02-05", "pieces", List.of("p1"));
    private static final Map<String, Object> NEVER =
            Map.of("pieces", List.of("p1"), "decision", "never", "reason", "scratches", "by", "");

    private JdbcClient database;
    private long number;

    @Test
    void keepsEverythingAndItsHistory() throws Exception {
        try (PrivateMariaDb db = PrivateMariaDb.start()) {
            DriverManagerDataSource source = new DriverManagerDataSource(db.jdbcUrl(), "jomble", "jomble");
            Flyway.configure().dataSource(source).target("10").load().migrate();
            database = JdbcClient.create(source);
            List<Map<String, Object>> frames = frames();
            writeAsBefore(frames);
            try (Jomble jomble = Jomble.start(db, Map.of("jomble.demo", false))) {
                Caller stylist = jomble.anonymous();
                stylist.signIn("old@studio.example", "old-enough");
                String client = "/api/v1/clients/" + CLIENT;
                for (int i = frames.size() - 1; i >= 0; i--) {
                    assertThat(contentOf(stylist.get(client + "/document").json()))
                            .as("after change %d", i)
                            .isEqualTo(frames.get(i));
                    assertThat(stylist.post(client + "/undo", Map.of()).at("undone"))
                            .isEqualTo(true);
                }
                assertThat(stylist.get(client + "/pieces").list()).isEmpty();
                for (Map<String, Object> frame : frames) {
                    stylist.post(client + "/redo", Map.of());
                    assertThat(contentOf(stylist.get(client + "/document").json()))
                            .isEqualTo(frame);
                }
            }
        }
    }

    /** The states of the frame, one after the other; the first is that in which the piece was added. */
    private static List<Map<String, Object>> frames() {
        Map<String, Object> palette = Map.of("palette", Map.of("base", List.of("#22304d")));
        return List.of(
                frame(Map.of(), List.of(), List.of()),
                frame(Map.of(), List.of(FIRST), List.of()),
                frame(Map.of(), List.of(FIRST, SECOND), List.of()),
                frame(Map.of(), List.of(FIRST, SECOND, SECOND), List.of()),
                frame(palette, List.of(FIRST, SECOND, SECOND), List.of()),
                // A whole document was brought in: three parts differ at once.
                frame(Map.of(), List.of(SECOND), List.of(NEVER)));
    }

    private static Map<String, Object> frame(Map<String, Object> brief, List<?> wears, List<?> overrides) {
        Map<String, Object> frame = new LinkedHashMap<>();
        frame.put("brief", brief);
        frame.put("wears", wears);
        frame.put("overrides", overrides);
        return frame;
    }

    private void writeAsBefore(List<Map<String, Object>> frames) {
        String latest = JSON.writeValueAsString(frames.get(frames.size() - 1));
        sql("insert into studio (id, name, currency, created_at) values (?, 'Old', 'EUR', now())", STUDIO);
        sql(
                "insert into account (id, studio_id, email, password_hash, name) values (uuid(), ?, 'old@studio.example', ?, 'Old')",
                STUDIO,
                new BCryptPasswordEncoder(4).encode("old-enough"));
        sql(
                "insert into client (id, studio_id, version, name, frame, created_at) values (?, ?, 0, 'Old', ?, now())",
                CLIENT,
                STUDIO,
                latest);
        sql("""
                insert into piece (id, studio_id, client_id, version, ref, position, kind, attributes, created_at, updated_at)
                values (uuid(), ?, ?, 0, 'p1', 1, 'shirt', '{"id": "p1", "kind": "shirt"}', now(), now())""", STUDIO, CLIENT);
        change("p1", "added", null, "{\"id\": \"p1\", \"kind\": \"shirt\"}", null);
        for (int i = 1; i < frames.size(); i++) {
            String before = JSON.writeValueAsString(frames.get(i - 1));
            String after = JSON.writeValueAsString(frames.get(i));
            long done = change("", "changed", before, after, null);
            if (i == 2) {
                long undone = change("", "undone", after, before, done);
                change("", "redone", before, after, undone);
            }
        }
        sql("update client set last_change = ? where id = ?", number, CLIENT);
    }

    /** Writes a row of the history and answers its id. */
    private long change(String ref, String action, String before, String after, Long undoes) {
        number++;
        sql("""
                insert into wardrobe_change (id, studio_id, client_id, ref, action, before_doc, after_doc, undoes, at, step, number)
                values (?, ?, ?, ?, ?, ?, ?, ?, now(), uuid(), ?)""", number, STUDIO, CLIENT, ref, action, before, after, undoes, number);
        return number;
    }

    private void sql(String statement, Object... values) {
        JdbcClient.StatementSpec spec = database.sql(statement);
        for (Object value : values) {
            spec = spec.param(value);
        }
        spec.update();
    }

    /** What a document says of the palette, wears and exceptions, without the ids that the step gave them. */
    private static Map<String, Object> contentOf(Map<String, Object> document) {
        Map<?, ?> brief = (Map<?, ?>) document.get("brief");
        Object base = brief.get("palette") instanceof Map<?, ?> palette ? palette.get("base") : List.of();
        Map<String, Object> kept =
                base instanceof List<?> list && list.isEmpty() ? Map.of() : Map.of("palette", Map.of("base", base));
        return frame(kept, withoutIds(document.get("wears")), withoutIds(document.get("overrides")));
    }

    private static List<Object> withoutIds(Object entries) {
        List<Object> without = new ArrayList<>();
        for (Object entry : (List<?>) entries) {
            Map<Object, Object> copy = new LinkedHashMap<>((Map<?, ?>) entry);
            copy.remove("id");
            without.add(copy);
        }
        return without;
    }
}
