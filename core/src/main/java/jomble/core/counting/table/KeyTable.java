package jomble.core.counting.table;

/**
 * A hash table from keys of a fixed number of longs to numbers, with linear probing. A key is stored next to its value,
 * so that a lookup touches one cache line. Not thread-safe.
 */
public final class KeyTable {
    public static final int ABSENT = -1;
    private static final int FIRST_CAPACITY = 64;
    /** The odd number nearest to 2^64 divided by the golden ratio: multiplicative hashing spreads neighbouring keys. */
    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    private static final int MOST_LONGS = 1 << 26;

    private final int width;
    private final int stride;
    /** Each entry is a key followed by its value plus one; 0 marks a free entry. */
    private long[] entries;

    private int mask;
    private int size;

    public KeyTable(int width) {
        this.width = width;
        this.stride = width + 1;
        this.entries = new long[FIRST_CAPACITY * stride];
        this.mask = FIRST_CAPACITY - 1;
    }

    /** The value of the key in the first {@code width} longs, or {@link #ABSENT}. */
    public int get(long[] key) {
        return (int) entries[find(key, 0) + width] - 1;
    }

    /**
     * Stores a value, replacing an earlier one.
     *
     * @param value not negative
     * @throws TableFullException when the table would take more than 512 MB
     */
    public void put(long[] key, int value) {
        if (2 * (size + 1) > mask + 1) {
            grow();
        }
        int at = find(key, 0);
        if (entries[at + width] == 0) {
            size++;
            System.arraycopy(key, 0, entries, at, width);
        }
        entries[at + width] = value + 1L;
    }

    /** Index of the entry of the key that starts at an offset, or of the free entry where it belongs. */
    private int find(long[] key, int from) {
        long hash = 0;
        for (int i = from; i < from + width; i++) {
            hash = (hash ^ key[i]) * SPREAD;
            hash ^= hash >>> 29;
        }
        int slot = (int) (hash >>> 17) & mask;
        int at = slot * stride;
        while (entries[at + width] != 0 && !isAt(key, from, at)) {
            slot = slot + 1 & mask;
            at = slot * stride;
        }
        return at;
    }

    private boolean isAt(long[] key, int from, int at) {
        for (int i = 0; i < width; i++) {
            if (entries[at + i] != key[from + i]) {
                return false;
            }
        }
        return true;
    }

    private void grow() {
        if (entries.length > MOST_LONGS / 2) {
            throw new TableFullException();
        }
        long[] before = entries;
        entries = new long[before.length * 2];
        mask = 2 * mask + 1;
        for (int from = 0; from < before.length; from += stride) {
            if (before[from + width] != 0) {
                System.arraycopy(before, from, entries, find(before, from), stride);
            }
        }
    }
}
