package jomble.core.counting.table;

import java.util.Arrays;

/** Numbers arrays in the order in which they are first seen: equal arrays have one number. Not for use by several threads. */
public final class Numbering {
    private static final int FIRST_CAPACITY = 64;
    private static final int NOTHING = 0;
    /** An odd number near 2^32 divided by the golden ratio: multiplicative hashing spreads neighbours. */
    private static final int SPREAD = 0x9E3779B1;

    private int[][] arrays = new int[FIRST_CAPACITY][];
    private int[] hashes = new int[FIRST_CAPACITY];
    /** Numbers plus one, by hash, with linear probing. */
    private int[] places = new int[2 * FIRST_CAPACITY];

    private int size;

    public int size() {
        return size;
    }

    public int[] get(int number) {
        return arrays[number];
    }

    /** @param array kept as it is; not to be written on any more */
    public int number(int[] array) {
        int hash = hash(array);
        int at = hash & places.length - 1;
        while (places[at] != NOTHING) {
            int number = places[at] - 1;
            if (hashes[number] == hash && Arrays.equals(arrays[number], array)) {
                return number;
            }
            at = at + 1 & places.length - 1;
        }
        return append(array, hash, at);
    }

    private int append(int[] array, int hash, int at) {
        if (size == arrays.length) {
            arrays = Arrays.copyOf(arrays, size * 2);
            hashes = Arrays.copyOf(hashes, size * 2);
            places = new int[size * 4];
            for (int number = 0; number < size; number++) {
                place(number);
            }
            arrays[size] = array;
            hashes[size] = hash;
            place(size);
        } else {
            arrays[size] = array;
            hashes[size] = hash;
            places[at] = size + 1;
        }
        return size++;
    }

    private void place(int number) {
        int at = hashes[number] & places.length - 1;
        while (places[at] != NOTHING) {
            at = at + 1 & places.length - 1;
        }
        places[at] = number + 1;
    }

    private static int hash(int[] array) {
        int hash = array.length;
        for (int value : array) {
            hash = (hash ^ value) * SPREAD;
            hash ^= hash >>> 15;
        }
        return hash;
    }
}
