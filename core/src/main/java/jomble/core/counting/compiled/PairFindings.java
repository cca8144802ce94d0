package jomble.core.counting.compiled;

/**
 * The findings of piece and pair rules for two ways to wear pieces, as masks by {@link jomble.core.judgement.RuleBits};
 * if both ways are the same, for that one.
 */
public interface PairFindings {
    /** Rules with a minor finding. */
    long minor(int one, int other);

    /** Rules with a major finding; {@link PenaltySets#EVERY_RULE} for a stop. */
    long major(int one, int other);

    /** Rules that credit. */
    long credit(int one, int other);
}
