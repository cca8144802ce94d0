package jomble.server.migration;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Part;
import jomble.core.piece.Kinds;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * A wardrobe used to be stored as its pieces and one text with all the rest, the frame, and each change of the rest as
 * the whole frame before and after. This makes a row of every entry, and of every such change the changes of the
 * entries that differ, so that all of it can still be undone.
 */
@Component
@SuppressWarnings({"checkstyle:TypeName", "PMD.ClassNamingConventions"}) // the name says the version
class V12__Entries_from_frames extends BaseJavaMigration {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final JsonMapper json;

    V12__Entries_from_frames(JsonMapper json) {
        this.json = json;
    }

    /** An entry of a part; a part that is no list has one with an empty ref. */
    private record Key(String part, String ref) {}

    private record Stored(String text, LocalDate day) {}

    /** A row of the history. */
    private record Row(long id, String ref, String before, String after, Long undoes) {}

    /** How one entry changed. */
    private record Difference(Key key, String before, String after, Integer place) {}

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        Map<String, String[]> clients = new LinkedHashMap<>();
        try (PreparedStatement select = connection.prepareStatement("select id, studio_id, frame from client");
                ResultSet found = select.executeQuery()) {
            while (found.next()) {
                clients.put(found.getString(1), new String[] {found.getString(2), found.getString(3)});
            }
        }
        for (Map.Entry<String, String[]> client : clients.entrySet()) {
            new OfClient(connection, client.getKey(), client.getValue()[0]).migrate(client.getValue()[1]);
        }
    }

    private final class OfClient {
        private final Connection connection;
        private final String client;
        private final String studio;
        private final Map<Key, Long> versions = new HashMap<>();
        /** Ids of the rows that an old row became, by entry. */
        private final Map<Long, Map<Key, Long>> successors = new HashMap<>();

        private long number;

        OfClient(Connection connection, String client, String studio) {
            this.connection = connection;
            this.client = client;
            this.studio = studio;
        }

        void migrate(String frame) throws SQLException {
            List<Row> rows = rows();
            update("update wardrobe_change set number = -number where client_id = ?", client);
            for (Row row : rows) {
                if (row.ref().isEmpty()) {
                    divide(row);
                } else {
                    number(row.id(), "pieces", row.ref());
                }
            }
            update("update client set last_change = ? where id = ?", number, client);
            int position = 0;
            for (Map.Entry<Key, Stored> entry : entries(frame).entrySet()) {
                insert(entry.getKey(), entry.getValue(), position++);
            }
        }

        private List<Row> rows() throws SQLException {
            List<Row> rows = new ArrayList<>();
            try (PreparedStatement select = connection.prepareStatement(
                    "select id, ref, before_doc, after_doc, undoes from wardrobe_change where client_id = ? order by number")) {
                select.setString(1, client);
                try (ResultSet found = select.executeQuery()) {
                    while (found.next()) {
                        boolean isFrame = found.getString(2).isEmpty();
                        rows.add(new Row(
                                found.getLong(1),
                                found.getString(2),
                                isFrame ? found.getString(3) : null,
                                isFrame ? found.getString(4) : null,
                                found.getObject(5) == null ? null : found.getLong(5)));
                    }
                }
            }
            return rows;
        }

        private void number(long id, String part, String ref) throws SQLException {
            update("update wardrobe_change set number = ?, part = ?, ref = ? where id = ?", ++number, part, ref, id);
        }

        /** Turns the row of a whole frame into one for each entry that differs; none where nothing does. */
        private void divide(Row row) throws SQLException {
            Map<Key, Long> became = new HashMap<>();
            successors.put(row.id(), became);
            long id = row.id();
            for (Difference difference : differences(entries(row.before()), entries(row.after()))) {
                if (!became.isEmpty()) {
                    id = copy(row.id());
                }
                became.put(difference.key(), id);
                write(id, row, difference);
            }
            if (became.isEmpty()) {
                update("delete from wardrobe_change where id = ?", row.id());
            }
        }

        private void write(long id, Row row, Difference difference) throws SQLException {
            Key key = difference.key();
            Long undoes = row.undoes() == null
                    ? null
                    : successors.getOrDefault(row.undoes(), Map.of()).get(key);
            number(id, key.part(), key.ref());
            versions.put(key, number);
            update(
                    "update wardrobe_change set before_doc = ?, after_doc = ?, place = ?, undoes = ?, action = ? where id = ?",
                    difference.before(),
                    difference.after(),
                    difference.place(),
                    undoes,
                    action(id, difference),
                    id);
        }

        private String action(long id, Difference difference) throws SQLException {
            try (PreparedStatement select =
                    connection.prepareStatement("select action from wardrobe_change where id = ?")) {
                select.setLong(1, id);
                try (ResultSet found = select.executeQuery()) {
                    found.next();
                    String action = found.getString(1);
                    boolean isPlain = !action.equals("undone") && !action.equals("redone");
                    return !isPlain
                            ? action
                            : difference.before() == null
                                    ? "added"
                                    : difference.after() == null ? "deleted" : "changed";
                }
            }
        }

        private long copy(long id) throws SQLException {
            long next;
            try (PreparedStatement select = connection.prepareStatement("select next value for wardrobe_change_seq");
                    ResultSet found = select.executeQuery()) {
                found.next();
                next = found.getLong(1);
            }
            update("""
                    insert into wardrobe_change (id, studio_id, client_id, ref, action, step, account_id, at, number)
                    select ?, studio_id, client_id, ref, action, step, account_id, at, ? from wardrobe_change where id = ?""", next, -next, id);
            return next;
        }

        private void insert(Key key, Stored entry, int position) throws SQLException {
            update(
                    """
                    insert into client_entry (id, studio_id, client_id, part, ref, position, version, day, document)
                    values (?, ?, ?, ?, ?, ?, ?, ?, ?)""",
                    UUID.randomUUID().toString(),
                    studio,
                    client,
                    key.part(),
                    key.ref(),
                    position,
                    versions.getOrDefault(key, number),
                    entry.day(),
                    entry.text());
        }

        private void update(String sql, Object... values) throws SQLException {
            try (PreparedStatement statement = connection.prepareStatement(sql)) {
                for (int i = 0; i < values.length; i++) {
                    if (values[i] == null) {
                        statement.setNull(i + 1, Types.NULL);
                    } else {
                        statement.setObject(i + 1, values[i]);
                    }
                }
                statement.executeUpdate();
            }
        }
    }

    private static List<Difference> differences(Map<Key, Stored> before, Map<Key, Stored> after) {
        List<Difference> differences = new ArrayList<>();
        int place = 0;
        for (Map.Entry<Key, Stored> entry : before.entrySet()) {
            Stored now = after.get(entry.getKey());
            String text = now == null ? null : now.text();
            if (!Objects.equals(entry.getValue().text(), text)) {
                differences.add(
                        new Difference(entry.getKey(), entry.getValue().text(), text, now == null ? place : null));
            }
            place++;
        }
        after.forEach((key, entry) -> {
            if (!before.containsKey(key)) {
                differences.add(new Difference(key, null, entry.text(), null));
            }
        });
        return differences;
    }

    /** The entries of a frame, in order. */
    private Map<Key, Stored> entries(String frame) {
        Wardrobe wardrobe = WardrobeReader.read(json.readValue(frame, TREE), Kinds.shipped());
        Map<Key, Stored> entries = new LinkedHashMap<>();
        Parts.AROUND_PIECES.forEach(part -> put(entries, part, wardrobe));
        return entries;
    }

    private <T> void put(Map<Key, Stored> entries, Part<T> part, Wardrobe wardrobe) {
        if (part instanceof EntryPart<?> list) {
            putEach(entries, list, wardrobe);
        } else if (!wardrobe.get(part).equals(part.empty())) {
            entries.put(
                    new Key(part.name(), ""),
                    new Stored(json.writeValueAsString(part.write(wardrobe.get(part))), null));
        }
    }

    private <E> void putEach(Map<Key, Stored> entries, EntryPart<E> part, Wardrobe wardrobe) {
        for (E entry : wardrobe.get(part)) {
            LocalDate day = part.day(entry);
            boolean isDate = day != null && day.getYear() > 0 && day.getYear() < 10_000;
            entries.put(
                    new Key(part.name(), part.id(entry)),
                    new Stored(json.writeValueAsString(part.writeEntry(entry)), isDate ? day : null));
        }
    }
}
