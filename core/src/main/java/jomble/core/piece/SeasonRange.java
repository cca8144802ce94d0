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

    /**
     * Shifts the range by the cloth's weight: a gauze loses its winter end, a heavy cloth its summer end. Never empty.
     *
     * @param clothWeight 1 gauze to 5 heavy coating
     */
    SeasonRange atWeight(int clothWeight) {
        return switch (clothWeight) {
            case 1 -> new SeasonRange(from, Math.max(from, to - 2));
            case 4 -> new SeasonRange(Math.min(to, from + 1), to);
            case 5 -> new SeasonRange(Math.min(to, from + 2), to);
            default -> this;
        };
    }

    /** Steps that separate two ranges; 0 when they meet. Symmetric. */
    public int distance(SeasonRange other) {
        return Math.max(0, Math.max(from, other.from) - Math.min(to, other.to));
    }
}
