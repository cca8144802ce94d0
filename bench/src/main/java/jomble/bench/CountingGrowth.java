package jomble.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.DiagramCounter;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.judgement.rule.Catalogue;

/** Prints how the cost of a count grows with the wardrobe, and how nested loops fare on the same instances. */
public final class CountingGrowth {
    private static final List<Integer> SIZES = List.of(30, 60, 120, 240, 400);
    private static final List<Integer> LOOPED = List.of(30, 60);
    private static final int RUNS = 5;

    private CountingGrowth() {}

    /** @param arguments sizes to measure, or none for the usual ones */
    public static void main(String[] arguments) {
        List<Integer> sizes = arguments.length == 0
                ? SIZES
                : Arrays.stream(arguments).map(Integer::valueOf).toList();
        Counter counter = new DiagramCounter(Catalogue.standard());
        System.out.println("| pieces | counted | context | total | best of " + RUNS + ", ms |");
        for (int size : sizes) {
            print(counter, size, "outfits", Map.of());
            print(counter, size, "outfits", Map.of("months", List.of(1)));
            if (size <= 240) {
                print(counter, size, "looks", Map.of("countedSlots", "looks"));
            }
        }
        for (int size : LOOPED) {
            compare(counter, size);
        }
    }

    private static void print(Counter counter, int size, String counted, Map<String, Object> context) {
        CountQuestion question = SampleQuestions.of(size, context);
        long[] total = new long[1];
        double millis = best(
                size > 120 ? 2 : RUNS, () -> total[0] = count(counter, question).total());
        String when = context.containsKey("months") ? "January" : "no weather";
        System.out.printf("| %d | %s | %s | %,d | %.1f |%n", size, counted, when, total[0], millis);
    }

    private static void compare(Counter counter, int size) {
        CountQuestion question = SampleQuestions.clothesAndShoesOnly(size);
        long[] total = new long[2];
        long[] judged = new long[1];
        double diagram = best(RUNS, () -> total[0] = count(counter, question).total());
        double loops = best(1, () -> {
            NestedLoops nested = new NestedLoops(question);
            total[1] = nested.count();
            judged[0] = nested.judged();
        });
        if (total[0] != total[1]) {
            throw new IllegalStateException(total[0] + " by the diagram, " + total[1] + " by nested loops");
        }
        System.out.printf(
                "%d pieces of %d, clothes and shoes only: %,d of %,d judged work; diagram %.1f ms, nested loops %.0f ms, ratio %.0f%n",
                question.pieces().size(), size, total[0], judged[0], diagram, loops, loops / diagram);
    }

    private static Counts count(Counter counter, CountQuestion question) {
        return counter.count(question, List.of(SlotPair.TOPS_AND_BOTTOMS), Progress.NONE);
    }

    private static double best(int runs, Runnable work) {
        long best = Long.MAX_VALUE;
        for (int i = 0; i < runs; i++) {
            long start = System.nanoTime();
            work.run();
            best = Math.min(best, System.nanoTime() - start);
        }
        return best / 1e6;
    }
}
