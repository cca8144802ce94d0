package jomble.bench;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import jomble.core.document.Question;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Full judgements a second, findings and finishes included, of one top, bottom, jacket and pair of shoes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
public class JudgeBenchmark {
    private Judge judge;
    private Outfit outfit;

    @Setup
    public void read() throws IOException {
        Question question = DemoWardrobe.question("{\"months\": [1]}");
        judge = new Judge(Catalogue.standard(), question.contexts().get(0));
        List<Piece> pieces = question.wardrobe().pieces();
        outfit = Outfit.of(List.of(Slot.TOP, Slot.BOTTOM, Slot.JACKET, Slot.SHOES).stream()
                .map(slot -> Worn.of(
                        slot,
                        pieces.stream().filter(p -> p.hasRole(slot)).findFirst().orElseThrow()))
                .toList());
    }

    @Benchmark
    public Judgement bestFinishes() {
        return judge.best(outfit);
    }

    @Benchmark
    public Judgement asWorn() {
        return judge.judge(outfit);
    }
}
