package jomble.core.counting.compiled;

/**
 * The findings of piece and pair rules for two ways to wear pieces, as masks by {@link jomble.core.judgement.RuleBits};
 * if both ways are the same, for that one.
 */
public interface PairFindings {
    /** Whether rules of the second word may find anything; if not, the masks of the second word are empty. */
    boolean reachBeyond();

    /** Rules with a minor finding, in the first word. */
    long minor(int one, int other);

    /** Rules with a major finding; {@link PenaltySets#EVERY_RULE} for a stop. */
    long major(int one, int other);

    /** Rules with a minor finding, in the second word. */
    long minorBeyond(int one, int other);

    /** Rules with a major finding, in the second word. */
    long majorBeyond(int one, int other);

    /** Rules that credit. */
    long credit(int one, int other);
}
