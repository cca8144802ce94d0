package jomble.core.counting;

/**
 * Adds up the points of all rows at once. A rule counts once, by its worst; the sum of each row is kept in two bit planes,
 * and a row that is stopped or reaches four points is dead. Reused between sums; not for use by several threads.
 */
final class RowAdder {
    private static final int RULES = 64;

    private final long[] alive;
    private final long[] ones;
    private final long[] twos;
    private final long[][] stops = new long[RULES][];
    private int stopCount;
    private final long[][][] minor = new long[RULES][RULES][];
    private final long[][][] major = new long[RULES][RULES][];
    private final int[] minorCount = new int[RULES];
    private final int[] majorCount = new int[RULES];
    private final int[] active = new int[RULES];
    private int activeCount;
    private long activeMask;

    RowAdder(int words) {
        this.alive = new long[words];
        this.ones = new long[words];
        this.twos = new long[words];
    }

    /** Forgets the charges, ready for those of another sum. */
    void clear() {
        stopCount = 0;
        for (int i = 0; i < activeCount; i++) {
            minorCount[active[i]] = 0;
            majorCount[active[i]] = 0;
        }
        activeCount = 0;
        activeMask = 0;
    }

    void charge(RowCharge charge) {
        if (charge.stop() != null) {
            stops[stopCount++] = charge.stop();
        }
        for (int i = 0; i < charge.rules().length; i++) {
            int rule = charge.rules()[i];
            if ((activeMask & 1L << rule) == 0) {
                activeMask |= 1L << rule;
                active[activeCount++] = rule;
            }
            if (charge.minor()[i] != null) {
                minor[rule][minorCount[rule]++] = charge.minor()[i];
            }
            if (charge.major()[i] != null) {
                major[rule][majorCount[rule]++] = charge.major()[i];
            }
        }
    }

    /**
     * Sums the charges, on top of masks that every row is charged.
     *
     * @param bodyMinor,bodyMajor together at most three points
     * @return whether some row lives
     */
    boolean sum(long[] rows, long bodyMinor, long bodyMajor) {
        int certain = FindingMasks.points(bodyMinor & ~activeMask, bodyMajor & ~activeMask);
        boolean lives = false;
        for (int w = 0; w < rows.length; w++) {
            ones[w] = -(certain & 1L);
            twos[w] = -(certain >> 1 & 1L);
            alive[w] = rows[w];
            add(w, bodyMinor, bodyMajor);
            lives |= alive[w] != 0;
        }
        return lives;
    }

    /** Sums the charges on top of another sum, of other rules. */
    boolean sumOnTop(RowAdder below, long bodyMinor, long bodyMajor) {
        int certain = FindingMasks.points(bodyMinor & ~activeMask, bodyMajor & ~activeMask);
        boolean lives = false;
        for (int w = 0; w < alive.length; w++) {
            alive[w] = below.alive[w];
            if (alive[w] != 0) {
                ones[w] = below.ones[w];
                twos[w] = below.twos[w];
                plus(w, -(certain & 1L), -(certain >> 1 & 1L));
                add(w, bodyMinor, bodyMajor);
                lives |= alive[w] != 0;
            }
        }
        return lives;
    }

    private void add(int w, long minorOfAll, long majorOfAll) {
        for (int i = 0; i < stopCount; i++) {
            alive[w] &= ~stops[i][w];
        }
        for (int i = 0; i < activeCount && alive[w] != 0; i++) {
            int rule = active[i];
            long two = -(majorOfAll >>> rule & 1L);
            long one = -(minorOfAll >>> rule & 1L);
            for (int k = 0; k < majorCount[rule]; k++) {
                two |= major[rule][k][w];
            }
            for (int k = 0; k < minorCount[rule]; k++) {
                one |= minor[rule][k][w];
            }
            plus(w, one & ~two, two);
        }
    }

    /** Adds one point to the rows of {@code one} and two to those of {@code two}. */
    private void plus(int w, long one, long two) {
        long over = twos[w] & two;
        long sum = twos[w] ^ two;
        long carry = ones[w] & one;
        ones[w] ^= one;
        over |= sum & carry;
        twos[w] = sum ^ carry;
        alive[w] &= ~over;
    }

    /** Rows of at most one point, a word of them. */
    long works(int word) {
        return alive[word] & ~twos[word];
    }

    /** Rows of two or three points. */
    long daring(int word) {
        return alive[word] & twos[word];
    }

    boolean anyWorks() {
        for (int w = 0; w < alive.length; w++) {
            if ((alive[w] & ~twos[w]) != 0) {
                return true;
            }
        }
        return false;
    }
}
