package jomble.core.counting;

import java.math.BigInteger;

/**
 * How many combinations there are as more and more slots are counted, each step exact.
 *
 * @param bases tops with bottoms, one-pieces, draped garments; the only step a person can picture
 * @param clothes the same with layers
 * @param outfits the same with shoes
 * @param looks every slot
 */
public record Ladder(BigInteger bases, BigInteger clothes, BigInteger outfits, BigInteger looks) {
    /**
     * Counts the steps, smallest first.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     * @throws TooManyCombinationsException when there are more than 2^127 − 1
     */
    public static Ladder of(Counter counter, CountQuestion question, Progress progress) {
        return new Ladder(
                step(counter, question, CountedSlots.BASES, progress.partOf(0, 4)),
                step(counter, question, CountedSlots.CLOTHES, progress.partOf(1, 4)),
                step(counter, question, CountedSlots.OUTFITS, progress.partOf(2, 4)),
                step(counter, question, CountedSlots.LOOKS, progress.partOf(3, 4)));
    }

    private static BigInteger step(Counter counter, CountQuestion question, CountedSlots counted, Progress progress) {
        return counter.totals(question.counting(counted), progress).total();
    }
}
