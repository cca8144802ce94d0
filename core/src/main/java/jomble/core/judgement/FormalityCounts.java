package jomble.core.judgement;

/** The number of formality slots at each level, packed four bits a level, level 1 lowest. */
final class FormalityCounts {
    static final int LEVELS = 7;
    private static final int BITS = 4;
    private static final int MASK = 0xf;

    private FormalityCounts() {}

    /** The contribution of one piece at a level. */
    static int one(int level) {
        return 1 << BITS * (level - 1);
    }

    static int at(int formalities, int level) {
        return formalities >> BITS * (level - 1) & MASK;
    }

    /** The lowest level worn, 0 for none. */
    static int lowest(int formalities) {
        return levelOf(formalities, 1);
    }

    /** The highest level worn, 0 for none. */
    static int highest(int formalities) {
        return levelOf(formalities, pieces(formalities));
    }

    /** The lower median, 0 for none. */
    static int lowerMedian(int formalities) {
        return levelOf(formalities, (pieces(formalities) + 1) / 2);
    }

    private static int pieces(int formalities) {
        int pieces = 0;
        for (int level = 1; level <= LEVELS; level++) {
            pieces += at(formalities, level);
        }
        return pieces;
    }

    /** The level of the n-th piece in ascending order, from 1; 0 when there are fewer. */
    private static int levelOf(int formalities, int place) {
        int seen = 0;
        for (int level = 1; level <= LEVELS; level++) {
            seen += at(formalities, level);
            if (seen >= place && seen > 0) {
                return level;
            }
        }
        return 0;
    }
}
