package jomble.server.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Base64;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import jomble.server.migration.Migrations;
import org.flywaydb.core.api.FlywayException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;

/**
 * Fills an empty database from an archive. The tables are made by our own migrations, up to the one the archive was
 * taken at; the archive gives values, which are bound, never run.
 */
final class Restore {
    private static final TypeReference<List<String>> ROW = new TypeReference<>() {};
    private static final int ROWS_AT_ONCE = 200;
    /** Characters; the longest row is that of a photo. */
    private static final int LONGEST_ROW = 64_000_000;

    private Restore() {}

    /** @return how many clients there are afterwards */
    static int read(Archive archive, DataSource database) throws BackupException {
        Manifest manifest = archive.manifest();
        try {
            Migrations.to(String.valueOf(manifest.schema()), database).migrate();
        } catch (FlywayException e) {
            throw new BackupException("the tables of the archive could not be made", e);
        }
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            statement.execute("set foreign_key_checks = 0");
            Map<String, Tables.Table> ours =
                    Tables.of(connection).stream().collect(Collectors.toMap(Tables.Table::name, Function.identity()));
            checkTables(manifest, ours);
            for (Manifest.Table table : manifest.tables()) {
                fill(connection, ours.get(table.name()), table, archive);
            }
            checkReferences(connection);
            connection.commit();
            statement.execute("alter sequence wardrobe_change_seq restart " + manifest.nextChange());
            try (ResultSet rows = statement.executeQuery("select count(*) from client")) {
                rows.next();
                return rows.getInt(1);
            }
        } catch (SQLException e) {
            throw new BackupException("the rows of the archive do not fit its tables", e);
        } catch (IOException e) {
            throw new BackupException("the archive could not be read to its end", e);
        }
    }

    private static void checkTables(Manifest manifest, Map<String, Tables.Table> ours) throws BackupException {
        Set<String> listed = new HashSet<>();
        for (Manifest.Table table : manifest.tables()) {
            listed.add(table.name());
            Tables.Table own = ours.get(table.name());
            if (own == null
                    || !own.columns().stream().map(Tables.Column::name).toList().equals(table.columns())) {
                throw new BackupException("the archive has a table that its version does not have: " + table.name());
            }
        }
        if (!listed.containsAll(ours.keySet())) {
            throw new BackupException("the archive leaves out tables of its version");
        }
    }

    private static void fill(Connection connection, Tables.Table table, Manifest.Table listed, Archive archive)
            throws SQLException, IOException, BackupException {
        String marks = table.columns().stream().map(column -> "?").collect(Collectors.joining(", "));
        String sql = "insert into " + table.quoted() + " (" + table.columnList() + ") values (" + marks + ")";
        long count = 0;
        try (PreparedStatement insert = connection.prepareStatement(sql);
                BufferedReader lines =
                        new BufferedReader(new InputStreamReader(archive.rows(listed), StandardCharsets.UTF_8))) {
            for (String line = next(lines); line != null; line = next(lines)) {
                bind(insert, table, values(line));
                insert.addBatch();
                if (++count % ROWS_AT_ONCE == 0) {
                    insert.executeBatch();
                }
            }
            insert.executeBatch();
        }
        if (count != listed.rows()) {
            throw new BackupException("the table " + table.name() + " has other rows than the manifest says");
        }
    }

    /** The next line; a line longer than any row of ours is not kept in memory. */
    private static String next(Reader lines) throws IOException, BackupException {
        StringBuilder line = new StringBuilder();
        for (int c = lines.read(); c >= 0; c = lines.read()) {
            if (c == '\n') {
                return line.toString();
            }
            if (line.length() == LONGEST_ROW) {
                throw new BackupException("the archive has a row longer than any of ours");
            }
            line.append((char) c);
        }
        return line.isEmpty() ? null : line.toString();
    }

    private static List<String> values(String line) throws BackupException {
        try {
            return Archive.JSON.readValue(line, ROW);
        } catch (JacksonException e) {
            throw new BackupException("the archive has a row that cannot be read", e);
        }
    }

    private static void bind(PreparedStatement insert, Tables.Table table, List<String> values)
            throws SQLException, BackupException {
        if (values == null || values.size() != table.columns().size()) {
            throw new BackupException(
                    "the archive has a row of " + table.name() + " with other columns than its table");
        }
        for (int i = 0; i < values.size(); i++) {
            String value = values.get(i);
            if (value != null && table.columns().get(i).isBinary()) {
                try {
                    insert.setBytes(i + 1, Base64.getDecoder().decode(value));
                } catch (IllegalArgumentException e) {
                    throw new BackupException("the archive has bytes that cannot be read", e);
                }
            } else {
                insert.setString(i + 1, value);
            }
        }
    }

    /** Every row that another one names is there: while rows are filled in, in any order, the database does not look. */
    private static void checkReferences(Connection connection) throws SQLException, BackupException {
        try (Statement statement = connection.createStatement();
                ResultSet keys = statement.executeQuery("""
                        select table_name, column_name, referenced_table_name, referenced_column_name
                        from information_schema.key_column_usage
                        where table_schema = database() and referenced_table_name is not null
                          and table_name not like 'SPRING%'""")) {
            while (keys.next()) {
                String orphans = "select count(*) from `%1$s` a left join `%3$s` b on a.`%2$s` = b.`%4$s`"
                                .formatted(keys.getString(1), keys.getString(2), keys.getString(3), keys.getString(4))
                        + " where b.`%s` is null and a.`%s` is not null"
                                .formatted(keys.getString(4), keys.getString(2));
                try (Statement count = connection.createStatement();
                        ResultSet rows = count.executeQuery(orphans)) {
                    rows.next();
                    if (rows.getLong(1) > 0) {
                        throw new BackupException(
                                "the archive has rows of " + keys.getString(1) + " without what they belong to");
                    }
                }
            }
        }
    }
}
