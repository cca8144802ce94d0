package jomble.core.counting;

/**
 * The vectors of several slots in one number, for slots that most of what is worn has little to say to. Not for use by several
 * threads.
 */
final class FarVectors {
    /** Of slots nothing is charged to. */
    static final int BLANK = 0;

    private final PairVectors[] vectors;
    private final Numbering tuples = new Numbering();
    private final Unions unions = new Unions(this::join);

    /** @param vectors of each slot */
    FarVectors(PairVectors... vectors) {
        this.vectors = vectors.clone();
        number(new int[vectors.length]);
    }

    /** @param tuple a vector of each slot */
    int number(int[] tuple) {
        return tuples.number(tuple);
    }

    /** The vector of each slot; not to be written on. */
    int[] get(int number) {
        return tuples.get(number);
    }

    /** Every rule that is charged to some way of some slot. */
    long charged(int number) {
        int[] tuple = tuples.get(number);
        long all = 0;
        for (int i = 0; i < tuple.length; i++) {
            all |= vectors[i].charged(tuple[i]);
        }
        return all;
    }

    int union(int one, int other) {
        return unions.of(one, other);
    }

    private int join(int one, int other) {
        int[] a = tuples.get(one);
        int[] b = tuples.get(other);
        int[] both = new int[a.length];
        for (int i = 0; i < both.length; i++) {
            both[i] = vectors[i].union(a[i], b[i]);
        }
        return number(both);
    }
}
