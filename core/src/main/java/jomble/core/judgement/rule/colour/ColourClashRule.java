package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.colour.Lab;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Scope;
import jomble.core.judgement.SlotPairs;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * {@code colour.clash}: two large saturated pieces whose hues are neither near nor opposite.
 *
 * <p>Each pair speaks for itself; three saturated pieces in three families are a finding about the whole outfit, and the rule counts once.
 */
public final class ColourClashRule implements PairRule, WholeRule {
    private static final Parameter CHROMA = new Parameter("saturated-above", 45, "C*");
    private static final Parameter NEAREST = new Parameter("nearest", 60, "degrees of hue");
    private static final Parameter FARTHEST = new Parameter("farthest", 100, "degrees of hue");
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.clash",
                    "Hues that quarrel",
                    "Two strong colours a third of the circle apart fight for the eye; near ones agree and opposite ones set each other off.",
                    CHROMA,
                    NEAREST,
                    FARTHEST)
            .with(SchoolSwitch.PALETTE)
            .reading(Slot.MAIN);
    private static final double HALF_CIRCLE = 180;

    /** Three strong colours in as many families. */
    private static final int CROWD = 3;

    record ThreeStrongHues(int families) {}

    record HuesQuarrel(double hueDegrees, double nearest, double farthest) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Scope scope() {
        return Scope.PAIR;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot().isMain() && !worn.piece().colourFamily().isNeutral();
    }

    /** One strong colour more can only crowd it further. */
    @Override
    public boolean maySoften(Worn worn, Structure structure) {
        return false;
    }

    @Override
    public long key(Summary summary) {
        return summary.saturated();
    }

    @Override
    public Check prepare(JudgementContext context) {
        if (!context.schools().holds(SchoolSwitch.PALETTE, "neutral-led")) {
            return Check.SILENT;
        }
        return summary -> {
            int families = Integer.bitCount(summary.saturated());
            return families >= CROWD ? Result.major(new ThreeStrongHues(families)) : Optional.empty();
        };
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return SlotPairs.isMain(inner, outer);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        Lab a = inner.piece().dominant();
        Lab b = outer.piece().dominant();
        double saturated = context.value(this, CHROMA);
        boolean asked = context.schools().holds(SchoolSwitch.PALETTE, "neutral-led");
        if (!asked || a.chroma() <= saturated || b.chroma() <= saturated) {
            return Optional.empty();
        }
        double apart = Math.abs(a.hueDegrees() - b.hueDegrees());
        apart = apart > HALF_CIRCLE ? 2 * HALF_CIRCLE - apart : apart;
        double nearest = context.value(this, NEAREST);
        double farthest = context.value(this, FARTHEST);
        return apart >= nearest && apart <= farthest
                ? Result.minor(new HuesQuarrel(apart, nearest, farthest))
                : Optional.empty();
    }
}
