package jomble.server.backup;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The tables that belong in a backup: not sessions and limits, which are of no use later, nor the list of migrations. */
final class Tables {
    private static final Set<String> LEFT_OUT = Set.of(
            "spring_session", "spring_session_attributes", "rate_bucket", "done_request", "flyway_schema_history");
    private static final Set<String> BINARY =
            Set.of("binary", "varbinary", "tinyblob", "blob", "mediumblob", "longblob");

    private Tables() {}

    record Column(String name, boolean isBinary) {}

    /** A table of the current database; names are those the database says, never those of an archive. */
    record Table(String name, List<Column> columns) {
        String quoted() {
            return "`" + name + "`";
        }

        /** To be selected: bytes as they are, everything else as text. */
        String asTexts() {
            return columns.stream()
                    .map(column ->
                            column.isBinary() ? "`" + column.name() + "`" : "cast(`" + column.name() + "` as char)")
                    .collect(Collectors.joining(", "));
        }

        String columnList() {
            return columns.stream().map(column -> "`" + column.name() + "`").collect(Collectors.joining(", "));
        }
    }

    static List<Table> of(Connection connection) throws SQLException {
        Map<String, List<Column>> tables = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("""
                        select c.table_name, c.column_name, c.data_type from information_schema.columns c
                        join information_schema.tables t using (table_schema, table_name)
                        where c.table_schema = database() and t.table_type = 'BASE TABLE'
                        order by c.table_name, c.ordinal_position""")) {
            while (rows.next()) {
                if (!LEFT_OUT.contains(rows.getString(1).toLowerCase(Locale.ROOT))) {
                    tables.computeIfAbsent(rows.getString(1), name -> new ArrayList<>())
                            .add(new Column(rows.getString(2), BINARY.contains(rows.getString(3))));
                }
            }
        }
        List<Table> all = new ArrayList<>();
        tables.forEach((name, columns) -> all.add(new Table(name, columns)));
        return all;
    }
}
