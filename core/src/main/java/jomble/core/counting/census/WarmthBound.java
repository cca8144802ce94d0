package jomble.core.counting.census;

import java.util.Optional;
import java.util.Set;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Result;
import jomble.core.judgement.Summary;

/**
 * The mildest a warmth rule can be about what is on, over everything the open slots could still add. With no slot open
 * this is the finding itself.
 *
 * <p>Sums of clo are packed: everything on in the upper 32 bits, after the best peel in the lower.
 */
final class WarmthBound {
    /** Sums below this many hundredths of a clo are remembered. */
    private static final int SPAN = 512;

    private static final int SILENT = 1;
    private static final int KNOWN = 2;
    private static final FindingKind[] KINDS = FindingKind.values();

    private final CompiledContext.ReadyCheck check;
    private final long[] sums;
    /** By both sums of what is on, the mildest finding's ordinal plus {@link #KNOWN}; 0 until it was worked out. */
    private final byte[] mildest = new byte[SPAN * SPAN];

    WarmthBound(CompiledContext.ReadyCheck check, Set<Long> sums) {
        this.check = check;
        this.sums = sums.stream().mapToLong(Long::longValue).toArray();
    }

    static long pack(int fullCentiClo, int peeledCentiClo) {
        return (long) fullCentiClo << 32 | peeledCentiClo;
    }

    void charge(CompiledContext.Charge charge, long on) {
        int known = recall(on);
        if (known >= KNOWN) {
            charge.add(KINDS[known - KNOWN], check.bits());
        }
    }

    private int recall(long on) {
        int full = (int) (on >> 32);
        int peeled = (int) on;
        if (full >= SPAN || peeled >= SPAN) {
            return code(on);
        }
        int at = full * SPAN + peeled;
        if (mildest[at] == 0) {
            mildest[at] = (byte) code(on);
        }
        return mildest[at];
    }

    private int code(long on) {
        return mildest(on).map(kind -> KNOWN + kind.ordinal()).orElse(SILENT);
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
