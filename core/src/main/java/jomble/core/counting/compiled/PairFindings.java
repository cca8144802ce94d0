package jomble.core.counting.compiled;

/**
 * What the rules about pieces and pairs find of two ways to wear pieces, as masks in the places of {@link
 * jomble.core.judgement.RuleBits}; of one way where both are the same.
 */
public interface PairFindings {
    /** Rules with a minor finding. */
    long minor(int one, int other);

    /** Rules with a major finding; {@link PenaltySets#EVERY_RULE} for a stop. */
    long major(int one, int other);

    /** Rules that credit. */
    long credit(int one, int other);
}
