package jomble.core.judgement;

/**
 * What one way to wear a piece adds to the {@link Signs}.
 *
 * @param family colour family as a bit
 * @param saturated the same of a main piece of a saturated colour, 0 of any other
 * @param l lightness L* of a main piece, {@link #NOT_MAIN} of any other
 */
public record PieceSigns(
        long facts,
        int statements,
        int heat,
        int covered,
        int violated,
        int accents,
        int surfaces,
        int family,
        int saturated,
        int l,
        long named) {
    static final int NOT_MAIN = -1;
}
