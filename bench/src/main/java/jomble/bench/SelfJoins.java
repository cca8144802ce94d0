package jomble.bench;

import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jomble.core.outfit.Structure;
import jomble.server.running.PrivateMariaDb;

/**
 * A database that joins: a table of what each slot may hold and one of the pairs that may meet, joined with itself for every two slots;
 * each row of the answer is judged.
 */
final class SelfJoins implements AutoCloseable {
    private static final int ROWS_AT_ONCE = 1000;

    private final PrivateMariaDb database;
    private final Connection connection;

    SelfJoins() throws IOException, InterruptedException, SQLException {
        database = PrivateMariaDb.start();
        connection = DriverManager.getConnection(database.jdbcUrl(), "jomble", "jomble");
    }

    void count(PlainOutfits outfits) {
        try {
            for (Structure structure : Structure.values()) {
                List<PlainOutfits.Place> places = outfits.places(structure);
                if (places.stream().allMatch(PlainOutfits.Place::canBeDecided)) {
                    fill(outfits, places);
                    select(outfits, places);
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Choices are numbered within their slot, 0 for the empty one. */
    private void fill(PlainOutfits outfits, List<PlainOutfits.Place> places) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("create or replace table choice (slot int, n int, primary key (slot, n))");
            statement.execute("create or replace table meets (slot_a int, slot_b int, a int, b int,"
                    + " primary key (slot_a, slot_b, a, b), key (slot_a, slot_b, b, a))");
        }
        connection.setAutoCommit(false);
        try (PreparedStatement choice = connection.prepareStatement("insert into choice values (?, ?)");
                PreparedStatement meets = connection.prepareStatement("insert into meets values (?, ?, ?, ?)")) {
            for (int slot = 0; slot < places.size(); slot++) {
                for (int n = places.get(slot).least();
                        n <= places.get(slot).choices().size();
                        n++) {
                    add(choice, slot, n);
                }
                for (int before = 0; before < slot; before++) {
                    List<int[]> pairs = new ArrayList<>();
                    outfits.forEachPair(
                            places.get(before), places.get(slot), (one, other) -> pairs.add(new int[] {one, other}));
                    for (int[] pair : pairs) {
                        add(meets, before, slot, pair[0], pair[1]);
                    }
                }
            }
            choice.executeBatch();
            meets.executeBatch();
        }
        connection.commit();
    }

    private static void add(PreparedStatement statement, int... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            statement.setInt(i + 1, values[i]);
        }
        statement.addBatch();
    }

    private void select(PlainOutfits outfits, List<PlainOutfits.Place> places) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.setFetchSize(ROWS_AT_ONCE);
            try (ResultSet rows = statement.executeQuery(query(places.size()))) {
                int[] chosen = new int[places.size()];
                while (rows.next()) {
                    for (int slot = 0; slot < chosen.length; slot++) {
                        chosen[slot] = rows.getInt(slot + 1);
                    }
                    outfits.judge(places, chosen);
                }
            }
        }
    }

    private static String query(int slots) {
        String columns =
                IntStream.range(0, slots).mapToObj(slot -> "c" + slot + ".n").collect(Collectors.joining(", "));
        StringBuilder query = new StringBuilder("select " + columns + " from choice c0");
        for (int slot = 1; slot < slots; slot++) {
            query.append(" join choice c%d on c%d.slot = %d".formatted(slot, slot, slot));
            for (int before = 0; before < slot; before++) {
                query.append(" join meets m%d_%d on m%d_%d.slot_a = %d and m%d_%d.slot_b = %d"
                        .formatted(before, slot, before, slot, before, before, slot, slot));
                query.append(" and m%d_%d.a = c%d.n and m%d_%d.b = c%d.n"
                        .formatted(before, slot, before, before, slot, slot));
            }
        }
        return query + " where c0.slot = 0";
    }

    @Override
    public void close() throws SQLException {
        connection.close();
        database.close();
    }
}
