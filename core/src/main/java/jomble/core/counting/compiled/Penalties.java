package jomble.core.counting.compiled;

import java.util.List;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.Summary;

/**
 * The findings of an outfit so far, OR-ed into masks by {@link RuleBits}; a rule counts once, by its worst finding.
 *
 * @param minor rules with a minor finding, in the first word
 * @param major rules with a major one; {@link PenaltySets#EVERY_RULE} once a rule stops
 * @param minorBeyond,majorBeyond the same for the second word
 * @param credit rules that credit
 */
public record Penalties(long minor, long major, long minorBeyond, long majorBeyond, long credit) {
    public static final Penalties NONE = new Penalties(0, 0, 0, 0, 0);
    public static final Penalties STOP = new Penalties(0, PenaltySets.EVERY_RULE, 0, 0, 0);

    /** These penalties with one more finding. */
    public Penalties plus(FindingKind kind, RuleBits bits) {
        boolean isBeyond = bits.isBeyond();
        return switch (kind) {
            case STOP -> new Penalties(minor, PenaltySets.EVERY_RULE, minorBeyond, majorBeyond, credit);
            case MAJOR ->
                isBeyond
                        ? new Penalties(minor, major, minorBeyond, majorBeyond | bits.ofFault(), credit)
                        : new Penalties(minor, major | bits.ofFault(), minorBeyond, majorBeyond, credit);
            case MINOR ->
                isBeyond
                        ? new Penalties(minor, major, minorBeyond | bits.ofFault(), majorBeyond, credit)
                        : new Penalties(minor | bits.ofFault(), major, minorBeyond, majorBeyond, credit);
            case NOTE -> this;
            case CREDIT -> withCredit(credit | bits.ofCredit());
        };
    }

    public Penalties plus(Penalties other) {
        if (other == NONE) {
            return this;
        }
        return new Penalties(
                minor | other.minor,
                major | other.major,
                minorBeyond | other.minorBeyond,
                majorBeyond | other.majorBeyond,
                credit | other.credit);
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
        return findings.reachBeyond()
                ? wearingBeyond(lesser, greater, way, worn, count, findings)
                : new Penalties(lesser, greater, minorBeyond, majorBeyond, credit);
    }

    private Penalties wearingBeyond(long lesser, long greater, int way, int[] worn, int count, PairFindings findings) {
        long lesserBeyond = minorBeyond | findings.minorBeyond(way, way);
        long greaterBeyond = majorBeyond | findings.majorBeyond(way, way);
        for (int i = 0; i < count; i++) {
            lesserBeyond |= findings.minorBeyond(way, worn[i]);
            greaterBeyond |= findings.majorBeyond(way, worn[i]);
        }
        return new Penalties(lesser, greater, lesserBeyond, greaterBeyond, credit);
    }

    /** As {@link #wearing}, but for credits; only needed for outfits that survive their faults. */
    public Penalties crediting(int way, int[] worn, int count, PairFindings findings) {
        long good = credit | findings.credit(way, way);
        for (int i = 0; i < count; i++) {
            good |= findings.credit(way, worn[i]);
        }
        return withCredit(good);
    }

    /** The same faults with other credits. */
    public Penalties withCredit(long other) {
        return new Penalties(minor, major, minorBeyond, majorBeyond, other);
    }

    /** Whether any rule finds fault. */
    public boolean isFaultless() {
        return (minor | major | minorBeyond | majorBeyond) == 0;
    }

    /** Whether any rule finds a major fault. */
    public boolean hasMajor() {
        return (major | majorBeyond) != 0;
    }

    /** The total points; for a stop, more than any counting outfit can have. */
    public int points() {
        return PenaltySets.points(minor, major) + PenaltySets.points(minorBeyond, majorBeyond);
    }

    public boolean isStopped() {
        return major == PenaltySets.EVERY_RULE;
    }
}
