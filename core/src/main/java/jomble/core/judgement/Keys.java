package jomble.core.judgement;

/** Small numbers packed into one, for the keys of rules about the whole. */
public final class Keys {
    private Keys() {}

    /** @param a,b any integers */
    public static long of(int a, int b) {
        return (long) a << 32 | b & 0xffff_ffffL;
    }
}
