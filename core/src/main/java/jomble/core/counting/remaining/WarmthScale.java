package jomble.core.counting.remaining;

import java.util.stream.IntStream;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.ReadyCheck;
import jomble.core.judgement.Contribution;
import jomble.core.judgement.Measure;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.Summary;

/**
 * Packs the two clo sums of an outfit, fully dressed and after the best peel, into one number, and gives the points of
 * the warmth rule for them. Packed sums can be added. Not thread-safe.
 */
final class WarmthScale {
    /** More points than any counting outfit can have. */
    static final int STOPPED = 99;

    private static final int SPAN = 1 << 9;
    private static final int UNKNOWN = 0;
    private static final int BITS = 16;
    private static final int PEELED = (1 << BITS) - 1;

    private final ReadyCheck warmth;
    /** By level and way, the clo it adds; the empty slot comes first, and after the last level nothing is added. */
    private final int[][] added;
    /** By packed sums, the points of the finding plus one; {@link #UNKNOWN} until computed. */
    private final byte[] points = new byte[2 * SPAN * SPAN];

    WarmthScale(ReadyCheck warmth, RemainingSlots remaining, CompiledContext context) {
        this.warmth = warmth;
        this.added = new int[remaining.levels().size() + 1][1];
        for (int level = 0; level < remaining.levels().size(); level++) {
            added[level] = IntStream.concat(
                            IntStream.of(0),
                            remaining.levels().get(level).options().stream()
                                    .flatMapToInt(option -> IntStream.range(
                                                    0, option.ways().size())
                                            .map(way -> ofWay(context, option.firstWay() + way))))
                    .toArray();
        }
    }

    private static int ofWay(CompiledContext context, int way) {
        Contribution adds = context.contribution(way);
        return pack((int) adds.to(Measure.WARMTH), (int) adds.to(Measure.PEELED_CENTI_CLO));
    }

    private static int pack(int warmth, int peeledCentiClo) {
        return warmth << BITS | peeledCentiClo;
    }

    static int of(MeasureAccumulator worn) {
        return pack(worn.warmth(), worn.peeledCentiClo());
    }

    /** The clo added by each way of a level, the empty slot first; callers must not modify it. */
    int[] added(int level) {
        return added[level];
    }

    int points(int sums) {
        int full = sums >>> BITS;
        int peeled = sums & PEELED;
        int clo = full % Summary.COAT_WORN;
        if (clo >= SPAN || peeled >= SPAN) {
            return judge(full, peeled);
        }
        int at = ((full == clo ? 0 : SPAN) + clo) * SPAN + peeled;
        if (points[at] == UNKNOWN) {
            points[at] = (byte) (judge(full, peeled) + 1);
        }
        return points[at] - 1;
    }

    private int judge(int full, int peeled) {
        Penalties found = warmth.judge(Summary.ofWarmth(full, peeled));
        return found.isStopped() ? STOPPED : found.points();
    }
}
