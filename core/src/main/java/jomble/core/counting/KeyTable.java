package jomble.core.counting;

import java.util.Arrays;

/** A hash table from keys of a fixed number of longs to numbers, by linear probing. Not for use by several threads. */
final class KeyTable {
    static final int ABSENT = -1;
    private static final int FIRST_CAPACITY = 64;
    /** 2^64 divided by the golden ratio, odd: multiplying by it loses nothing and spreads neighbours: multiplicative hashing. */
    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    /** 512 MB in one table: a count that needs more is refused. */
    private static final int MOST_LONGS = 1 << 26;

    private final int width;
    private long[] keys;
    private int[] values;
    private int size;

    KeyTable(int width) {
        this.width = width;
        this.keys = new long[FIRST_CAPACITY * width];
        this.values = new int[FIRST_CAPACITY];
        Arrays.fill(values, ABSENT);
    }

    /** The number kept under the first {@code width} longs of the key, or {@link #ABSENT}. */
    int get(long[] key) {
        return values[find(key, keys, values)];
    }

    /** @param value not negative */
    void put(long[] key, int value) {
        if (2 * (size + 1) > values.length) {
            grow();
        }
        int at = find(key, keys, values);
        if (values[at] == ABSENT) {
            size++;
            System.arraycopy(key, 0, keys, at * width, width);
        }
        values[at] = value;
    }

    private int find(long[] key, long[] among, int[] filled) {
        long hash = 0;
        for (int i = 0; i < width; i++) {
            hash = (hash ^ key[i]) * SPREAD;
            hash ^= hash >>> 29;
        }
        int mask = filled.length - 1;
        int at = (int) (hash >>> 17) & mask;
        while (filled[at] != ABSENT && !isAt(key, among, at)) {
            at = at + 1 & mask;
        }
        return at;
    }

    private boolean isAt(long[] key, long[] among, int at) {
        int from = at * width;
        for (int i = 0; i < width; i++) {
            if (among[from + i] != key[i]) {
                return false;
            }
        }
        return true;
    }

    private void grow() {
        if (keys.length > MOST_LONGS / 2) {
            throw WardrobeTooLargeException.ofMemory();
        }
        long[] moreKeys = new long[keys.length * 2];
        int[] moreValues = new int[values.length * 2];
        Arrays.fill(moreValues, ABSENT);
        long[] key = new long[width];
        for (int i = 0; i < values.length; i++) {
            if (values[i] != ABSENT) {
                System.arraycopy(keys, i * width, key, 0, width);
                int at = find(key, moreKeys, moreValues);
                System.arraycopy(key, 0, moreKeys, at * width, width);
                moreValues[at] = values[i];
            }
        }
        keys = moreKeys;
        values = moreValues;
    }
}
