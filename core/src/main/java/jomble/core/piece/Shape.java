package jomble.core.piece;

/** The line of a bottom's leg or of a skirt. */
public enum Shape implements Word {
    SKINNY(1),
    SLIM(2),
    STRAIGHT(2),
    TAPERED(3),
    BOOT_CUT(3),
    FLARED(4),
    WIDE(4),
    PENCIL(2),
    A_LINE(3),
    PLEATED(4),
    WRAP(3),
    BIAS(3),
    TRUMPET(3),
    FULL(4);

    private final int volume;

    Shape(int volume) {
        this.volume = volume;
    }

    /** Visual volume of the leg or skirt, 1 to 4. */
    public int volume() {
        return volume;
    }
}
