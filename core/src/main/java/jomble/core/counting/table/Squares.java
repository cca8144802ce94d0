package jomble.core.counting.table;

import java.util.Arrays;

/**
 * A two-dimensional table of numbers whose rows grow as needed; entries not yet computed are {@link #UNKNOWN}. Not
 * thread-safe.
 */
public final class Squares {
    public static final int UNKNOWN = -1;
    private static final int FIRST_CAPACITY = 64;
    private static final int[] EMPTY = {};

    private int[][] rows = new int[FIRST_CAPACITY][];

    public Squares() {
        Arrays.fill(rows, EMPTY);
    }

    public int get(int row, int column) {
        if (row >= rows.length || column >= rows[row].length) {
            return UNKNOWN;
        }
        return rows[row][column];
    }

    /** @param value not negative */
    public void put(int row, int column, int value) {
        if (row >= rows.length) {
            int before = rows.length;
            rows = Arrays.copyOf(rows, Math.max(row + 1, before * 2));
            Arrays.fill(rows, before, rows.length, EMPTY);
        }
        if (column >= rows[row].length) {
            int before = rows[row].length;
            rows[row] = Arrays.copyOf(rows[row], Math.max(column + 1, before * 2));
            Arrays.fill(rows[row], before, rows[row].length, UNKNOWN);
        }
        rows[row][column] = value;
    }
}
