package jomble.core.judgement;

/** Packs small numbers into one, for the keys of whole-outfit rules. */
public final class Keys {
    private Keys() {}

    /** @param a,b any integers */
    public static long of(int a, int b) {
        return (long) a << 32 | b & 0xffff_ffffL;
    }
}
