package jomble.core.counting.completion;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.ReadyCheck;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Result;
import jomble.core.judgement.Summary;

/**
 * A lower bound of a warmth rule's finding over everything the open slots could still add; with no open slot it is the
 * finding itself.
 *
 * <p>Clo sums are packed: {@link Summary#warmth()} in the upper 32 bits, after the best peel in the lower.
 */
public final class WarmthBound {
    private final ReadyCheck check;
    private final long[] sums;
    /** By the packed clo sums of what is worn. */
    private final Map<Long, Optional<FindingKind>> mildest = new HashMap<>();

    WarmthBound(ReadyCheck check, Set<Long> sums) {
        this.check = check;
        this.sums = sums.stream().mapToLong(Long::longValue).toArray();
    }

    static long pack(int warmth, int peeledCentiClo) {
        return (long) warmth << 32 | peeledCentiClo;
    }

    /** The mildest finding still possible for an outfit that is this warm so far. */
    Penalties penalties(long on) {
        return mildest.computeIfAbsent(on, this::mildest)
                .map(kind -> Penalties.NONE.plus(kind, check.bits()))
                .orElse(Penalties.NONE);
    }

    private Optional<FindingKind> mildest(long on) {
        FindingKind best = FindingKind.STOP;
        for (long more : sums) {
            long sum = on + more;
            Optional<Result> found = check.check().judge(Summary.ofWarmth((int) (sum >> 32), (int) sum));
            if (found.isEmpty()) {
                return Optional.empty();
            }
            best = found.get().kind().compareTo(best) < 0 ? found.get().kind() : best;
        }
        return Optional.of(best);
    }
}
