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
 * The bases that outfits can be built on, worn with layers if the weather requires it: a shirt and trousers are not
 * enough in deep frost, but are still one of the client's bases.
 */
public final class WearableBases {
    /** Above this many bases that work alone, those that need a layer are not looked for. */
    private static final BigInteger MOST_BASES = BigInteger.valueOf(1_000);
    /** At most this many combinations of clothes are searched for their bases. */
    private static final BigInteger MOST_CLOTHES = BigInteger.valueOf(30_000);

    private WearableBases() {}

    /**
     * Every base that works with or without layers. For a wardrobe with more than 1,000 bases or 30,000 combinations of
     * clothes, only those that work without.
     *
     * @param question its counted slots are ignored
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    public static Set<Map<Slot, List<PieceId>>> of(Counter counter, CountQuestion question, Progress progress) {
        CountQuestion clothes = clothes(question);
        BigInteger alone = counter.totals(alone(question), progress).total();
        return bases(counter, areFew(counter, clothes, alone, progress) ? clothes : alone(question), progress);
    }

    /** The size of the result of {@link #of}. */
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
