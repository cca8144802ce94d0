package jomble.core.judgement;

/** How many formality slots hold each level, packed four bits a level, level 1 lowest. */
final class FormalityCounts {
    static final int LEVELS = 7;
    private static final int BITS = 4;
    private static final int MASK = 0xf;

    private FormalityCounts() {}

    /** What one piece of a level adds. */
    static int one(int level) {
        return 1 << BITS * (level - 1);
    }

    static int at(int formalities, int level) {
        return formalities >> BITS * (level - 1) & MASK;
    }
}
