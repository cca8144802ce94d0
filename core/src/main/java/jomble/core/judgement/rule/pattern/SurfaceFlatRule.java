package jomble.core.judgement.rule.pattern;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.colour.ColourFamily;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Show;
import jomble.core.piece.Slot;

/** {@code surface.flat}: an outfit of one colour needs surface, pattern or a statement. */
public final class SurfaceFlatRule implements WholeRule {
    private static final Parameter SPREAD = new Parameter("lightness-spread", 25, "ΔL*");
    private static final Parameter DARK = new Parameter("dark-below", 32, "L*");
    private static final Parameter TEXTURES = new Parameter("textures", 2, "different surfaces");
    private static final Set<Slot> READS = EnumSet.complementOf(EnumSet.of(Slot.BASE, Slot.UNDERSKIRT));
    private static final RuleInfo INFO = RuleInfo.of(
                    "surface.flat",
                    "One colour needs texture",
                    "Where everything is one colour the eye looks for something else to read: a rib against a smooth cloth, a pattern, a statement.",
                    SPREAD,
                    DARK,
                    TEXTURES)
            .with(SchoolSwitch.ONE_COLOUR, SchoolSwitch.ALL_BLACK)
            .reading(READS);
    /** A belt, a bag, a scarf or jewellery gives the eye something to read. */
    private static final Set<Slot> TRIMMINGS = EnumSet.of(Slot.BELT, Slot.BAG, Slot.NECK, Slot.JEWELLERY);

    private static final long NEUTRALS = neutrals();
    /** The key of outfits that cannot violate the rule, whatever is added. */
    private static final long COLOURFUL = -1;

    record FlatOneColour(int surfaces, double wanted) {}

    record OneColourAvoided() {}

    record FlatBlack(int surfaces, double wanted) {}

    record AllBlackAvoided() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean isTouchedBy(Worn worn, Structure structure) {
        return worn.slot().isMain()
                || TRIMMINGS.contains(worn.slot())
                || worn.piece().get(Attribute.SHOW) == Show.STATEMENT;
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return worn.slot().isMain();
    }

    @Override
    public long key(Summary summary) {
        boolean severalHues = Integer.bitCount(summary.families()) > 1 && (summary.families() & ~NEUTRALS) != 0;
        if (severalHues && summary.has(Sign.NOT_BLACK)) {
            return COLOURFUL;
        }
        int worn = (summary.has(Sign.TRIMMING_WORN) ? 4 : 0)
                | (summary.has(Sign.PATTERN_WORN) ? 2 : 0)
                | (summary.has(Sign.NOT_BLACK) ? 1 : 0);
        // 1 to 7 above, two bits each for main pieces and statements, fourteen for lightness, then surfaces and
        // families.
        int counts = (worn << 2 | summary.mains()) << 2 | summary.statements();
        int lightness = summary.darkest() << 7 | summary.lightest();
        return ((long) counts << 14 | lightness) << 32 | (long) summary.surfaces() << 18 | summary.families();
    }

    @Override
    public Check prepare(JudgementContext context) {
        return new Flatness(
                context.value(this, SPREAD),
                context.value(this, DARK),
                context.value(this, TEXTURES),
                context.schools().of(SchoolSwitch.ALL_BLACK),
                context.schools().of(SchoolSwitch.ONE_COLOUR));
    }

    /** The rule with its numbers, and the school for all black and for one colour. */
    private record Flatness(double spread, double dark, double textures, String black, String oneColour)
            implements Check {
        private static final String AVOIDED = "avoided";
        private static final String TEXTURED = "textured";

        @Override
        public Optional<Result> judge(Summary summary) {
            if (summary.mains() < 2 || !isOneColour(summary)) {
                return Optional.empty();
            }
            boolean allBlack = isAllBlack(summary);
            String school = allBlack ? black : oneColour;
            if (school.equals(AVOIDED)) {
                return Result.major(allBlack ? new AllBlackAvoided() : new OneColourAvoided());
            }
            int surfaces = Integer.bitCount(summary.surfaces());
            return school.equals(TEXTURED) && isFlat(summary)
                    ? Result.minor(allBlack ? new FlatBlack(surfaces, textures) : new FlatOneColour(surfaces, textures))
                    : Optional.empty();
        }

        /** An outfit of several colours, or with texture if only that is required, stays so whatever is added. */
        @Override
        public long key(WholeRule rule, Summary summary) {
            boolean avoids = black.equals(AVOIDED) || oneColour.equals(AVOIDED);
            return isOneColour(summary) && (avoids || isFlat(summary)) ? rule.key(summary) : COLOURFUL;
        }

        private boolean isOneColour(Summary summary) {
            boolean allDark = (summary.families() & ~NEUTRALS) == 0 && summary.lightest() < dark;
            return isAllBlack(summary)
                    || allDark
                    || Integer.bitCount(summary.families()) <= 1 && summary.lightest() - summary.darkest() < spread;
        }

        private static boolean isAllBlack(Summary summary) {
            return !summary.has(Sign.NOT_BLACK);
        }

        private boolean isFlat(Summary summary) {
            return Integer.bitCount(summary.surfaces()) < textures
                    && !summary.has(Sign.PATTERN_WORN)
                    && !summary.has(Sign.TRIMMING_WORN)
                    && summary.statements() == 0;
        }
    }

    private static long neutrals() {
        long mask = 0;
        for (ColourFamily family : ColourFamily.values()) {
            mask |= family.isNeutral() ? 1L << family.ordinal() : 0;
        }
        return mask;
    }
}
