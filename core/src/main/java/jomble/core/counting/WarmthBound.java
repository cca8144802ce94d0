package jomble.core.counting;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Result;
import jomble.core.judgement.Summary;

/** The mildest a warmth rule can be about a combination, over everything the open slots could add. */
final class WarmthBound {
    private final CompiledContext.ReadyCheck check;
    private final long[] sums;
    /** From a combination's own two sums to the mildest finding; filled as sums turn up. */
    private final Map<Long, Optional<FindingKind>> mildest = new HashMap<>();

    WarmthBound(CompiledContext.ReadyCheck check, Set<Long> sums) {
        this.check = check;
        this.sums = sums.stream().mapToLong(Long::longValue).toArray();
    }

    void charge(CompiledContext.Charge charge, Summary summary) {
        long own = (long) summary.fullCentiClo() << 32 | summary.peeledCentiClo();
        Optional<FindingKind> kind = mildest.computeIfAbsent(own, sum -> mildest(summary));
        if (kind.isPresent()) {
            switch (kind.get()) {
                case STOP -> charge.major = FindingMasks.STOP;
                case MAJOR -> charge.major |= check.bit();
                case MINOR -> charge.minor |= check.bit();
                case CREDIT -> {}
            }
        }
    }

    private Optional<FindingKind> mildest(Summary summary) {
        FindingKind best = FindingKind.STOP;
        for (long sum : sums) {
            Optional<Result> found = check.check()
                    .judge(summary.withCentiClo(
                            summary.fullCentiClo() + (int) (sum >> 32), summary.peeledCentiClo() + (int) sum));
            if (found.isEmpty()) {
                return Optional.empty();
            }
            best = found.get().kind().compareTo(best) < 0 ? found.get().kind() : best;
        }
        return Optional.of(best);
    }
}
