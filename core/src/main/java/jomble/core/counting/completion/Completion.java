package jomble.core.counting.completion;

import jomble.core.judgement.Verdict;
import jomble.core.outfit.Worn;

/**
 * The simplest way found to wear and complete a combination.
 *
 * @param worn by the slot's ordinal, null where empty
 */
public record Completion(Verdict verdict, int points, int credits, Worn[] worn) {
    public static final Completion NONE = new Completion(Verdict.NO, Integer.MAX_VALUE, 0, new Worn[0]);

    int pieces() {
        int count = 0;
        for (Worn w : worn) {
            count += w == null ? 0 : 1;
        }
        return count;
    }

    /** Whether it uses fewer pieces, or equally many with fewer points or more credits. */
    public boolean isBetterThan(Completion other) {
        if (this == NONE || other == NONE) {
            return this != NONE;
        }
        if (pieces() != other.pieces()) {
            return pieces() < other.pieces();
        }
        return points != other.points ? points < other.points : credits > other.credits;
    }
}
