package jomble.core.piece;

/**
 * The seasons a cloth serves, from 1, high summer, to 5, deep winter, both ends included.
 *
 * <p>Invariant: 1 ≤ from ≤ to ≤ 5.
 */
public record SeasonRange(int from, int to) {
    public SeasonRange {
        if (from < 1 || to > 5 || from > to) {
            throw new IllegalArgumentException("not a season range: " + from + " to " + to);
        }
    }

    /** Every season of the year. */
    static final SeasonRange ALL_YEAR = new SeasonRange(1, 5);

    /**
     * Shifts the range by a weight other than the usual one: a lighter cloth loses its winter end, a heavier one its summer end. Never
     * empty.
     *
     * @param steps steps of cloth weight above the usual one, negative for a lighter cloth
     */
    SeasonRange heavierBy(int steps) {
        return steps < 0
                ? new SeasonRange(from, Math.max(from, to + steps))
                : new SeasonRange(Math.min(to, from + steps), to);
    }

    public boolean isAllYear() {
        return equals(ALL_YEAR);
    }

    /** How many seasons too warm it is for a season, 1 high summer to 5 deep winter; 0 when it is not. */
    public int tooWarmFor(int season) {
        return Math.max(0, from - season);
    }

    /** How many seasons too thin it is for a season, 1 high summer to 5 deep winter; 0 when it is not. */
    public int tooThinFor(int season) {
        return Math.max(0, season - to);
    }

    /** Steps that separate two ranges; 0 when they meet. Symmetric. */
    public int distance(SeasonRange other) {
        return Math.max(0, Math.max(from, other.from) - Math.min(to, other.to));
    }
}
