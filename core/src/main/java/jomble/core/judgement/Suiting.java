package jomble.core.judgement;

/** Facts about the suit parts worn; each holds as soon as one piece or pair makes it true. */
final class Suiting {
    static final int BROKEN = 1;
    static final int JACKET_AND_BOTTOM_BROKEN = 1 << 1;
    static final int MID_WITH_BOTTOM = 1 << 2;
    static final int MID_WITH_JACKET = 1 << 3;
    static final int JACKET_WITH_BOTTOM = 1 << 4;
    /** Patterned jacket and bottom of the same set and cloth. */
    static final int ONE_PATTERN_BELOW = 1 << 5;
    /** A patterned mid layer of the same set and cloth as the jacket or the bottom. */
    static final int ONE_PATTERN_WITHIN = 1 << 6;

    static final int WAISTCOAT = 1 << 7;
    static final int SUIT_JACKET = 1 << 8;
    static final int SUIT_MID = 1 << 9;
    static final int SUIT_BOTTOM = 1 << 10;
    static final int JACKET = 1 << 11;
    static final int BOTTOM = 1 << 12;

    /** A waistcoat under a tailored jacket that shares neither its suit nor its kind of cloth. */
    static final int WAISTCOAT_APART = 1 << 13;
    /** Number of bits. */
    static final int BITS = 14;

    private static final int THREE_PARTS = WAISTCOAT | JACKET | BOTTOM;
    private static final int THREE_SUITS = SUIT_JACKET | SUIT_MID | SUIT_BOTTOM;

    private Suiting() {}

    static boolean has(int suiting, int facts) {
        return (suiting & facts) == facts;
    }

    /**
     * 1 when trousers and waistcoat of one suit frame another jacket, 2 when a waistcoat belongs to neither jacket nor
     * bottom, 3 when three suits are mixed, else 0.
     */
    static int suits(int suiting) {
        if (!has(suiting, THREE_PARTS)) {
            return 0;
        }
        boolean middle = has(suiting, MID_WITH_BOTTOM);
        boolean upper = has(suiting, MID_WITH_JACKET);
        if (middle && !upper && has(suiting, JACKET_AND_BOTTOM_BROKEN)) {
            return 1;
        }
        boolean apart = !middle && !upper && !has(suiting, JACKET_WITH_BOTTOM);
        if (apart && has(suiting, THREE_SUITS)) {
            return 3;
        }
        return has(suiting, WAISTCOAT_APART) && !middle ? 2 : 0;
    }
}
