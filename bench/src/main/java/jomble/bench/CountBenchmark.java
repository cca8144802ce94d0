package jomble.bench;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.judgement.rule.Catalogue;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long the demonstration's wardrobe takes to count, with and without the figures of uncounted pieces. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 1, time = 5)
@Measurement(iterations = 3, time = 5)
public class CountBenchmark {
    @Param({"{}", "{\"months\": [12, 1, 2]}"})
    public String context;

    private CountQuestion question;

    @Setup
    public void read() throws IOException {
        question = DemoWardrobe.count(context);
    }

    @Benchmark
    public Counts countedSlotsOnly() {
        return anew().count(question.withoutCompletions(), List.of(SlotPair.TOPS_AND_BOTTOMS), Progress.NONE);
    }

    @Benchmark
    public Counts everything() {
        return anew().count(question, List.of(SlotPair.TOPS_AND_BOTTOMS), Progress.NONE);
    }

    /** One that remembers nothing yet. */
    private static Counter anew() {
        return new DiagramCounter(Catalogue.standard());
    }
}
