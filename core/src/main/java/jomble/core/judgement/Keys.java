package jomble.core.judgement;

/** Packs small numbers into one, for the keys of whole-outfit rules. */
public final class Keys {
    private static final int SIGNS = 53;

    private Keys() {}

    /** @param a,b any integers */
    public static long of(int a, int b) {
        return (long) a << 32 | b & 0xffff_ffffL;
    }

    /**
     * Signs and a small number beside them.
     *
     * @param signs as of {@link Summary#among}
     * @param number 0..2047
     * @throws IllegalStateException when there are too many signs to leave room
     */
    public static long of(long signs, int number) {
        if (signs >>> SIGNS != 0) {
            throw new IllegalStateException("there are more than " + SIGNS + " signs");
        }
        return signs | (long) number << SIGNS;
    }
}
