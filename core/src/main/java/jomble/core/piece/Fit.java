package jomble.core.piece;

/** How a garment sits on the body. */
public enum Fit implements Word {
    CLOSE(1, 4),
    REGULAR(2, 5),
    RELAXED(3, 7),
    OVERSIZED(4, 9);

    private final int volume;
    private final int room;

    Fit(int volume, int room) {
        this.volume = volume;
        this.room = room;
    }

    /** Visual volume, 1 close to 4 oversized. */
    public int volume() {
        return volume;
    }

    /** How much bulk fits beneath, on the scale of {@link Piece#bulk()}; our choice, after trying on layers. */
    public int room() {
        return room;
    }
}
