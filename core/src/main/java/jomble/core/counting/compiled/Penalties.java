package jomble.core.counting.compiled;

import java.util.List;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.Summary;

/**
 * The findings of an outfit so far, OR-ed into masks by {@link RuleBits}; a rule counts once, by its worst finding.
 *
 * @param minor rules with a minor finding
 * @param major rules with a major one; {@link PenaltySets#EVERY_RULE} once a rule stops
 * @param credit rules that credit
 */
public record Penalties(long minor, long major, long credit) {
    public static final Penalties NONE = new Penalties(0, 0, 0);

    /** These penalties with one more finding. */
    public Penalties plus(FindingKind kind, RuleBits bits) {
        return switch (kind) {
            case STOP -> new Penalties(minor, PenaltySets.EVERY_RULE, credit);
            case MAJOR -> new Penalties(minor, major | bits.ofFault(), credit);
            case MINOR -> new Penalties(minor | bits.ofFault(), major, credit);
            case CREDIT -> new Penalties(minor, major, credit | bits.ofCredit());
        };
    }

    public Penalties plus(Penalties other) {
        if (other == NONE) {
            return this;
        }
        return new Penalties(minor | other.minor, major | other.major, credit | other.credit);
    }

    /** These penalties with the findings of whole-outfit checks. */
    public Penalties plus(List<ReadyCheck> checks, Summary summary) {
        Penalties all = this;
        for (ReadyCheck check : checks) {
            all = all.plus(check.judge(summary));
        }
        return all;
    }

    /**
     * These penalties with the faults piece and pair rules find when one more way is worn.
     *
     * @param worn numbers of the ways already worn, in the first {@code count} entries
     */
    public Penalties wearing(int way, int[] worn, int count, PairFindings findings) {
        long lesser = minor | findings.minor(way, way);
        long greater = major | findings.major(way, way);
        for (int i = 0; i < count; i++) {
            lesser |= findings.minor(way, worn[i]);
            greater |= findings.major(way, worn[i]);
        }
        return new Penalties(lesser, greater, credit);
    }

    /** As {@link #wearing}, but for credits; only needed for outfits that survive their faults. */
    public Penalties crediting(int way, int[] worn, int count, PairFindings findings) {
        long good = credit | findings.credit(way, way);
        for (int i = 0; i < count; i++) {
            good |= findings.credit(way, worn[i]);
        }
        return new Penalties(minor, major, good);
    }

    /** The total points; for a stop, more than any counting outfit can have. */
    public int points() {
        return PenaltySets.points(minor, major);
    }

    public boolean isStopped() {
        return major == PenaltySets.EVERY_RULE;
    }
}
