package jomble.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import jomble.core.counting.completion.Completion;
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
@Fork(2)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 6, time = 3)
public class JudgeBenchmark {
    private static final long SEED = 20_270_112;
    private static final int OUTFITS = 4000;

    private Judge judge;
    private Outfit outfit;
    private MaskJudge fast;
    private List<Outfit> many;
    private int next;

    @Setup
    public void read() throws IOException {
        Question question = DemoWardrobe.question("{\"months\": [1]}");
        judge = new Judge(Catalogue.standard(), question.contexts().get(0));
        List<Piece> pieces = question.wardrobe().pieces();
        fast = new MaskJudge(pieces, question.contexts().get(0));
        many = manyOf(pieces);
        outfit = Outfit.of(List.of(Slot.TOP, Slot.BOTTOM, Slot.JACKET, Slot.SHOES).stream()
                .map(slot -> Worn.of(
                        slot,
                        pieces.stream().filter(p -> p.hasRole(slot)).findFirst().orElseThrow()))
                .toList());
    }

    /** Outfits of top, bottom, jacket, coat and shoes, half of them with a layer between, from a fixed seed. */
    private static List<Outfit> manyOf(List<Piece> pieces) {
        Random random = new Random(SEED);
        List<Outfit> outfits = new ArrayList<>();
        while (outfits.size() < OUTFITS) {
            List<Worn> worn = new ArrayList<>();
            for (Slot slot : List.of(Slot.TOP, Slot.BOTTOM, Slot.MID, Slot.JACKET, Slot.COAT, Slot.SHOES)) {
                List<Piece> able = pieces.stream()
                        .filter(p -> p.hasRole(slot) && worn.stream().noneMatch(w -> w.piece() == p))
                        .toList();
                if (slot != Slot.MID || random.nextBoolean()) {
                    worn.add(Worn.of(slot, able.get(random.nextInt(able.size()))));
                }
            }
            outfits.add(Outfit.of(worn));
        }
        return outfits;
    }

    @Benchmark
    public Judgement bestFinishes() {
        return judge.best(outfit);
    }

    /** The next of many outfits by what was worked out beforehand. */
    @Benchmark
    public Completion compiled() {
        next = (next + 1) % many.size();
        return fast.best(many.get(next).worn());
    }

    @Benchmark
    public Judgement asWorn() {
        return judge.judge(outfit);
    }
}
