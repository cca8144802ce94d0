package jomble.core.judgement.rule.colour;

import java.util.Optional;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code colour.families}: how many hues an outfit can hold. */
public final class ColourFamiliesRule implements WholeRule {
    private static final Parameter MINOR = new Parameter("minor", 3, "hue families");
    private static final RuleInfo INFO = RuleInfo.of(
                    "colour.families",
                    "Few hues at once",
                    "The eye follows one or two hues; a third asks for care and a fifth for a costume. Neutrals do not count.",
                    MINOR)
            .with(SchoolSwitch.PALETTE)
            .reading(Slot.MAIN);

    record TooManyHues(int families, int most) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot().isMain() && !worn.piece().colourFamily().isNeutral();
    }

    @Override
    public long key(Summary summary) {
        return summary.hueFamilies();
    }

    @Override
    public Check prepare(JudgementContext context) {
        boolean led = context.schools().holds(SchoolSwitch.PALETTE, "colour-led");
        boolean free = context.schools().holds(SchoolSwitch.PALETTE, "free");
        int minor = (int) context.value(this, MINOR) + (led ? 1 : 0);
        return summary -> {
            int families = Integer.bitCount(summary.hueFamilies());
            FindingKind kind = grade(families - minor);
            return kind == null
                    ? Optional.empty()
                    : Result.of(free ? FindingKind.MINOR : kind, new TooManyHues(families, minor - 1));
        };
    }

    private static FindingKind grade(int beyond) {
        if (beyond < 0) {
            return null;
        }
        return beyond == 0 ? FindingKind.MINOR : beyond == 1 ? FindingKind.MAJOR : FindingKind.STOP;
    }
}
