package jomble.core.counting.table;

import java.util.Arrays;

/** A table of numbers whose rows are created on demand; entries not yet computed are {@link #UNKNOWN}. */
public final class Rows {
    public static final int UNKNOWN = -1;
    private static final int FIRST_CAPACITY = 64;

    private final int width;
    private int[][] rows = new int[FIRST_CAPACITY][];

    public Rows(int width) {
        this.width = width;
    }

    public int[] get(int number) {
        if (number >= rows.length) {
            rows = Arrays.copyOf(rows, Math.max(number + 1, rows.length * 2));
        }
        if (rows[number] == null) {
            rows[number] = new int[width];
            Arrays.fill(rows[number], UNKNOWN);
        }
        return rows[number];
    }
}
