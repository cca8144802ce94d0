package jomble.server.backup;

import java.time.Instant;
import java.util.List;

/**
 * What an archive holds.
 *
 * @param format {@value #FORMAT}
 * @param schema number of the last migration of the database it was taken from
 * @param nextChange the next number of the history's sequence
 */
record Manifest(int format, Instant taken, int schema, long nextChange, List<Table> tables) {
    static final int FORMAT = 2;

    /**
     * A table.
     *
     * @param bytes of its rows, one line each, before they were compressed
     * @param sha256 of the same, in hexadecimal
     */
    record Table(String name, List<String> columns, long rows, long bytes, String sha256) {
        String entry() {
            return "tables/" + name + ".jsonl";
        }
    }
}
