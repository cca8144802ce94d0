package jomble.core.piece;

/** How far a sleeve covers the arm. */
public enum Sleeve implements Word {
    NONE(0),
    STRAPS(0),
    CAP(0.15),
    SHORT(0.4),
    ELBOW(0.6),
    THREE_QUARTER(0.8),
    LONG(1);

    private final double coverFraction;

    Sleeve(double coverFraction) {
        this.coverFraction = coverFraction;
    }

    /** Part of the arm covered, 0..1; our choice, read off a sleeve measured from the shoulder point. */
    public double coverFraction() {
        return coverFraction;
    }

    public boolean isSleeveless() {
        return this == NONE || this == STRAPS;
    }
}
