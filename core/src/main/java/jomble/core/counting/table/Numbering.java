package jomble.core.counting.table;

import java.util.Arrays;

/**
 * Numbers arrays in the order in which they are first seen: equal arrays have one number. What they hold lies one after the other, so
 * that a look costs no more than a line or two of the cache. Not for use by several threads.
 */
public final class Numbering {
    private static final int FIRST_CAPACITY = 64;
    private static final int FIRST_VALUES = 256;
    private static final int MOST_VALUES = 1 << 27;
    /** An odd number near 2^32 divided by the golden ratio: multiplicative hashing spreads neighbours. */
    private static final int SPREAD = 0x9E3779B1;

    private int[] values = new int[FIRST_VALUES];
    /** By number where its array begins, and after the last where it ends. */
    private int[] begins = new int[FIRST_CAPACITY + 1];
    /** Hashes in the upper half, numbers plus one in the lower, by hash, with linear probing; 0 where there is nothing. */
    private long[] places = new long[2 * FIRST_CAPACITY];

    private int size;

    public int size() {
        return size;
    }

    public int length(int number) {
        return begins[number + 1] - begins[number];
    }

    public int at(int number, int place) {
        return values[begins[number] + place];
    }

    /** How much all arrays hold together. */
    public int numbersInUse() {
        return begins[size];
    }

    public int[] copyOf(int number) {
        return Arrays.copyOfRange(values, begins[number], begins[number + 1]);
    }

    /**
     * @param array may be written on again
     * @throws TableFullException when the arrays would take more than 512 MB
     */
    public int number(int[] array) {
        return number(array, array.length);
    }

    /** The number of the first {@code length} of an array. */
    public int number(int[] array, int length) {
        int hash = hash(array, length);
        int mask = places.length - 1;
        int at = hash & mask;
        while (places[at] != 0) {
            int number = (int) places[at] - 1;
            if ((int) (places[at] >>> Integer.SIZE) == hash && isAt(number, array, length)) {
                return number;
            }
            at = at + 1 & mask;
        }
        places[at] = (long) hash << Integer.SIZE | size + 1;
        append(array, length);
        return size - 1;
    }

    private boolean isAt(int number, int[] array, int length) {
        int begin = begins[number];
        return Arrays.equals(values, begin, begins[number + 1], array, 0, length);
    }

    private void append(int[] array, int length) {
        int begin = begins[size];
        if (begin + length > values.length) {
            if (begin + length > MOST_VALUES) {
                throw new TableFullException();
            }
            values = Arrays.copyOf(values, Math.min(MOST_VALUES, Math.max(begin + length, 2 * values.length)));
        }
        System.arraycopy(array, 0, values, begin, length);
        size++;
        if (size == begins.length) {
            begins = Arrays.copyOf(begins, 2 * size);
        }
        begins[size] = begin + length;
        if (2 * size == places.length) {
            spread();
        }
    }

    private void spread() {
        long[] before = places;
        places = new long[2 * before.length];
        int mask = places.length - 1;
        for (long place : before) {
            if (place != 0) {
                int at = (int) (place >>> Integer.SIZE) & mask;
                while (places[at] != 0) {
                    at = at + 1 & mask;
                }
                places[at] = place;
            }
        }
    }

    private static int hash(int[] array, int length) {
        int hash = length;
        for (int i = 0; i < length; i++) {
            hash = (hash ^ array[i]) * SPREAD;
            hash ^= hash >>> 15;
        }
        return hash;
    }
}
