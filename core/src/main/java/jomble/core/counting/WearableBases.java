package jomble.core.counting;

import java.math.BigInteger;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The bases an outfit can be built on, with layers over them where the day asks for it: a shirt and trousers in deep frost make no outfit by
 * themselves, but are one of the client's outfits all the same.
 */
public final class WearableBases {
    /** With more than so many that stand alone, nobody asks which others would under a layer. */
    private static final BigInteger MOST_BASES = BigInteger.valueOf(1_000);
    /** Up to so many combinations of clothes are gone through for their bases. */
    private static final BigInteger MOST_CLOTHES = BigInteger.valueOf(30_000);

    private WearableBases() {}

    /**
     * Every base of a question that works with layers or without; of a wardrobe with more than 1,000 bases or 30,000 combinations of
     * clothes, those that work without.
     *
     * @param question whatever it counts, bases are what is answered
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    public static Set<Map<Slot, List<PieceId>>> of(Counter counter, CountQuestion question, Progress progress) {
        CountQuestion clothes = clothes(question);
        BigInteger alone = counter.totals(alone(question), progress).total();
        return bases(counter, areFew(counter, clothes, alone, progress) ? clothes : alone(question), progress);
    }

    /** How many {@link #of} would answer. */
    public static BigInteger count(Counter counter, CountQuestion question, Progress progress) {
        CountQuestion clothes = clothes(question);
        BigInteger alone = counter.totals(alone(question), progress).total();
        return areFew(counter, clothes, alone, progress)
                ? BigInteger.valueOf(bases(counter, clothes, progress).size())
                : alone;
    }

    private static CountQuestion clothes(CountQuestion question) {
        return question.counting(CountedSlots.CLOTHES).withoutCompletions();
    }

    private static CountQuestion alone(CountQuestion question) {
        return question.counting(CountedSlots.BASES).withoutCompletions();
    }

    private static boolean areFew(Counter counter, CountQuestion clothes, BigInteger alone, Progress progress) {
        return alone.compareTo(MOST_BASES) <= 0
                && counter.totals(clothes, progress).total().compareTo(MOST_CLOTHES) <= 0;
    }

    private static Set<Map<Slot, List<PieceId>>> bases(Counter counter, CountQuestion listed, Progress progress) {
        return counter.tuples(listed, progress).stream()
                .map(WearableBases::base)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static Map<Slot, List<PieceId>> base(Map<Slot, List<PieceId>> clothes) {
        Map<Slot, List<PieceId>> base = new EnumMap<>(clothes);
        base.keySet().removeIf(slot -> !CountedSlots.BASES.has(slot));
        return Collections.unmodifiableMap(base);
    }
}
