package jomble.core.counting;

import java.math.BigInteger;
import java.util.EnumMap;
import java.util.Map;

/**
 * Exact number of combinations as more and more slots are counted.
 *
 * @param totals by step
 */
public record Ladder(Map<Step, BigInteger> totals) {
    /** The steps, each of which distinguishes more than the one before. */
    public enum Step {
        /** Tops with bottoms, one-pieces and draped garments: the only step one can picture. */
        BASES(CountedSlots.BASES),
        /** As before, with layers. */
        CLOTHES(CountedSlots.CLOTHES),
        /** As before, with shoes. */
        OUTFITS(CountedSlots.OUTFITS),
        /** Every slot. */
        LOOKS(CountedSlots.LOOKS);

        private final CountedSlots counted;

        Step(CountedSlots counted) {
            this.counted = counted;
        }

        /** The question of this step. */
        public CountQuestion of(CountQuestion question) {
            return question.counting(counted).withoutCompletions();
        }
    }

    public Ladder {
        totals = Map.copyOf(totals);
    }

    /**
     * Counts all steps, in order.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    public static Ladder of(Counter counter, CountQuestion question, Progress progress) {
        Map<Step, BigInteger> totals = new EnumMap<>(Step.class);
        for (Step step : Step.values()) {
            Progress part = progress.partOf(step.ordinal(), Step.values().length);
            totals.put(step, counter.totals(step.of(question), part).total());
        }
        return new Ladder(totals);
    }
}
