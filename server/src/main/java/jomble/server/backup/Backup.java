package jomble.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;

/** Writes everything that is stored into one archive, as it was at one moment, while others go on writing. */
final class Backup {
    private static final int ROWS_AT_ONCE = 100;

    private Backup() {}

    static void write(DataSource database, Path file, Instant now) throws BackupException {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement();
                OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            // One transaction sees everything as it was when it began.
            connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
            statement.execute("start transaction with consistent snapshot, read only");
            long nextChange = number(statement, "select next_not_cached_value from wardrobe_change_seq");
            int schema = (int)
                    number(statement, "select max(cast(version as unsigned)) from flyway_schema_history where success");
            List<Manifest.Table> tables = new ArrayList<>();
            for (Tables.Table table : Tables.of(connection)) {
                tables.add(write(connection, table, zip));
            }
            zip.putNextEntry(new ZipEntry(Archive.MANIFEST));
            zip.write(Archive.JSON.writeValueAsBytes(new Manifest(Manifest.FORMAT, now, schema, nextChange, tables)));
            zip.closeEntry();
        } catch (SQLException e) {
            throw new BackupException("the database could not be read", e);
        } catch (IOException e) {
            throw new BackupException(file + " could not be written", e);
        }
    }

    private static long number(Statement statement, String sql) throws SQLException {
        try (ResultSet rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getLong(1);
        }
    }

    private static Manifest.Table write(Connection connection, Tables.Table table, ZipOutputStream zip)
            throws SQLException, IOException {
        List<String> columns = table.columns().stream().map(Tables.Column::name).toList();
        MessageDigest sha256 = Archive.sha256();
        long count = 0;
        long bytes = 0;
        zip.putNextEntry(new ZipEntry("tables/" + table.name() + ".jsonl"));
        try (Statement statement = connection.createStatement()) {
            statement.setFetchSize(ROWS_AT_ONCE);
            try (ResultSet rows = statement.executeQuery("select " + table.asTexts() + " from " + table.quoted())) {
                while (rows.next()) {
                    byte[] line = line(rows, table.columns());
                    zip.write(line);
                    sha256.update(line);
                    count++;
                    bytes += line.length;
                }
            }
        }
        zip.closeEntry();
        String digest = HexFormat.of().formatHex(sha256.digest());
        return new Manifest.Table(table.name(), columns, count, bytes, digest);
    }

    /** A row as a list of texts, bytes in Base64. */
    private static byte[] line(ResultSet rows, List<Tables.Column> columns) throws SQLException {
        List<String> values = new ArrayList<>();
        for (int i = 1; i <= columns.size(); i++) {
            if (columns.get(i - 1).isBinary()) {
                byte[] value = rows.getBytes(i);
                values.add(value == null ? null : Base64.getEncoder().encodeToString(value));
            } else {
                values.add(rows.getString(i));
            }
        }
        return (Archive.JSON.writeValueAsString(values) + "\n").getBytes(StandardCharsets.UTF_8);
    }
}
