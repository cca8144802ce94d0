package jomble.core.counting.table;

import java.util.Arrays;

/**
 * Interns arrays: equal arrays get the same number, in the order in which they are first seen. Contents are stored
 * contiguously, so that a lookup touches only a few cache lines. Not thread-safe.
 */
public final class Numbering {
    private static final int FIRST_CAPACITY = 64;
    private static final int FIRST_VALUES = 256;
    private static final int MOST_VALUES = 1 << 27;
    /** An odd number near 2^32 divided by the golden ratio: multiplicative hashing spreads neighbours. */
    private static final int SPREAD = 0x9E3779B1;

    private int[] values = new int[FIRST_VALUES];
    /** By number, the start of its contents; the last entry is the end. */
    private int[] begins = new int[FIRST_CAPACITY + 1];
    /** Hash in the upper half and number plus one in the lower, with linear probing; 0 marks a free entry. */
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

    /** Total length of all arrays. */
    public int numbersInUse() {
        return begins[size];
    }

    public int[] copyOf(int number) {
        return Arrays.copyOfRange(values, begins[number], begins[number + 1]);
    }

    /**
     * @param array not retained
     * @throws TableFullException when the arrays would take more than 512 MB
     */
    public int number(int[] array) {
        return number(array, array.length);
    }

    /** The number of an array's first {@code length} elements. */
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
