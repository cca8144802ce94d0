package jomble.core.counting.compiled;

import java.util.List;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.Summary;

/**
 * What was found of an outfit so far, OR-ed into masks in the places of {@link RuleBits}: a rule counts once, by its worst.
 *
 * @param minor rules with a minor finding
 * @param major rules with a major one; {@link PenaltySets#EVERY_RULE} once a rule stops
 * @param credit rules that credit
 */
public record Penalties(long minor, long major, long credit) {
    public static final Penalties NONE = new Penalties(0, 0, 0);

    /** With one more finding. */
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

    /** With what some rules about the whole find. */
    public Penalties plus(List<ReadyCheck> checks, Summary summary) {
        Penalties all = this;
        for (ReadyCheck check : checks) {
            all = all.plus(check.judge(summary));
        }
        return all;
    }

    /**
     * With the faults that rules about pieces and pairs find once one way more is worn.
     *
     * @param worn numbers of the ways worn already, in its first {@code count} places
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

    /** The same with their credits, which only what survives its faults is asked for. */
    public Penalties crediting(int way, int[] worn, int count, PairFindings findings) {
        long good = credit | findings.credit(way, way);
        for (int i = 0; i < count; i++) {
            good |= findings.credit(way, worn[i]);
        }
        return new Penalties(minor, major, good);
    }

    /** More than any outfit survives for a stop. */
    public int points() {
        return PenaltySets.points(minor, major);
    }

    public boolean isStopped() {
        return major == PenaltySets.EVERY_RULE;
    }
}
