package jomble.core.judgement;

/** Small numbers packed into one value that hashes well, for the keys of rules about the whole. */
public final class Keys {
    /** 2^64 divided by the golden ratio, odd: multiplying by it loses nothing and spreads neighbours (Knuth, TAOCP 6.4). */
    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    private Keys() {}

    /** @param a,b any integers */
    public static Object of(int a, int b) {
        return ((long) a << 32 | b & 0xffff_ffffL) * SPREAD;
    }

    /** @param a at most 16 bits, like {@code b}; {@code c} any integer */
    public static Object of(int a, int b, int c) {
        return of(a << 16 | b & 0xffff, c);
    }
}
