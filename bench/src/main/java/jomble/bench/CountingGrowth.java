package jomble.bench;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/** Prints how the cost of a count grows with the wardrobe, and what a thought costs. */
public final class CountingGrowth {
    private static final List<Integer> SIZES = List.of(30, 60, 120, 240, 400, 1000);
    /** Larger wardrobes are counted once, in clothes and shoes, without weather. */
    private static final int WHOLE = 400;

    private static final int RUNS = 5;
    /** Small counts are over before the machine is warm. */
    private static final int WARM_RUNS = 300;

    private static final int WARM_ROUNDS = 40;

    private CountingGrowth() {}

    /** @param arguments sizes to measure, or none for the usual ones */
    public static void main(String[] arguments) {
        List<Integer> sizes = arguments.length == 0
                ? SIZES
                : Arrays.stream(arguments).map(Integer::valueOf).toList();
        Counter counter = new DiagramCounter(Catalogue.standard());
        System.out.println("| pieces | counted | context | total | best run, ms |");
        for (int size : sizes) {
            print(size, "outfits", Map.of());
            if (size <= WHOLE) {
                print(size, "outfits", Map.of("months", List.of(1)));
                print(size, "looks", Map.of("countedSlots", "looks"));
            }
        }
        for (int size : sizes) {
            if (size <= WHOLE) {
                whatIf(counter, SampleQuestions.of(size, Map.of()));
                whatIf(counter, SampleQuestions.of(size, Map.of("countedSlots", "looks")));
            }
        }
    }

    private static void print(int size, String counted, Map<String, Object> context) {
        CountQuestion question = SampleQuestions.of(size, context);
        BigInteger[] total = new BigInteger[1];
        double millis = best(
                size > WHOLE ? 1 : size > 240 ? RUNS : size > 120 ? RUNS * 3 : size > 30 ? RUNS * 20 : WARM_RUNS,
                () -> total[0] = count(new DiagramCounter(Catalogue.standard()), question)
                        .total());
        String when = context.containsKey("months") ? "January" : "no weather";
        System.out.printf("| %d | %s | %s | %,d | %.1f |%n", size, counted, when, total[0], millis);
    }

    /** What if one piece were not there: the median over pieces all through the wardrobe, each the best of several. */
    private static void whatIf(Counter counter, CountQuestion question) {
        List<Piece> pieces = question.pieces();
        Counts known = count(counter, question);
        int tried = pieces.size() <= 120 ? pieces.size() : 15;
        double[] millis = new double[tried];
        Arrays.fill(millis, Double.MAX_VALUE);
        CountDifference[] lost = new CountDifference[1];
        for (int round = 0; round < (pieces.size() <= 120 ? WARM_ROUNDS : RUNS); round++) {
            for (int i = 0; i < tried; i++) {
                PieceId out = pieces.get(i * pieces.size() / tried).id();
                double once = best(
                        1,
                        () -> lost[0] = counter.without(question, known, Set.of(out), Progress.NONE)
                                .orElseGet(() ->
                                        CountDifference.between(known, count(counter, question.without(Set.of(out))))));
                millis[i] = Math.min(millis[i], once);
            }
        }
        Arrays.sort(millis);
        System.out.printf(
                "without one of %d pieces, counting %s: median %.2f ms, at most %.1f ms, of %d%n",
                pieces.size(),
                question.counted().hasAccessories() ? "looks" : "outfits",
                millis[tried / 2],
                millis[tried - 1],
                tried);
    }

    static Counts count(Counter counter, CountQuestion question) {
        return counter.count(question, List.of(SlotPair.TOPS_AND_BOTTOMS), Progress.NONE);
    }

    static double best(int runs, Runnable work) {
        long best = Long.MAX_VALUE;
        for (int i = 0; i < runs; i++) {
            long start = System.nanoTime();
            work.run();
            best = Math.min(best, System.nanoTime() - start);
        }
        return best / 1e6;
    }
}
