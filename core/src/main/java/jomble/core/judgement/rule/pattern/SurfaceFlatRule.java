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
import jomble.core.judgement.Signs;
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
    private static final RuleInfo INFO = RuleInfo.of(
                    "surface.flat",
                    "One colour needs texture",
                    "Where everything is one colour the eye looks for something else to read: a rib against a smooth cloth, a pattern, a statement.",
                    SPREAD,
                    DARK,
                    TEXTURES)
            .with(SchoolSwitch.ONE_COLOUR, SchoolSwitch.ALL_BLACK);
    private static final Set<Slot> READS = EnumSet.complementOf(EnumSet.of(Slot.BASE, Slot.UNDERSKIRT));
    /** A belt, a bag, a scarf or jewellery gives the eye something to read. */
    private static final Set<Slot> TRIMMINGS = EnumSet.of(Slot.BELT, Slot.BAG, Slot.NECK, Slot.JEWELLERY);

    private static final long NEUTRALS = neutrals();
    /** The key of outfits the rule has nothing to say of, whatever is put on. */
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
    public Set<Slot> reads() {
        return READS;
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
        Signs signs = summary.signs();
        boolean severalHues = Integer.bitCount(signs.families()) > 1 && (signs.families() & ~NEUTRALS) != 0;
        if (severalHues && signs.has(Sign.NOT_BLACK)) {
            return COLOURFUL;
        }
        int told = (signs.has(Sign.TRIMMING_WORN) ? 4 : 0)
                | (signs.has(Sign.PATTERN_WORN) ? 2 : 0)
                | (signs.has(Sign.NOT_BLACK) ? 1 : 0);
        // 1 to 7 above, two bits each for main pieces and statements, fourteen for lightness, then surfaces and
        // families.
        int counts = (told << 2 | signs.mains()) << 2 | signs.statements();
        int lightness = signs.darkest() << 7 | signs.lightest();
        return ((long) counts << 14 | lightness) << 32 | (long) signs.surfaces() << 18 | signs.families();
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
            Signs signs = summary.signs();
            if (signs.mains() < 2 || !isOneColour(signs)) {
                return Optional.empty();
            }
            boolean allBlack = isAllBlack(signs);
            String school = allBlack ? black : oneColour;
            if (school.equals(AVOIDED)) {
                return Result.major(allBlack ? new AllBlackAvoided() : new OneColourAvoided());
            }
            int surfaces = Integer.bitCount(signs.surfaces());
            return school.equals(TEXTURED) && isFlat(signs)
                    ? Result.minor(allBlack ? new FlatBlack(surfaces, textures) : new FlatOneColour(surfaces, textures))
                    : Optional.empty();
        }

        /** What was of several colours, or has texture where that is all that is asked for, stays so whatever is put on. */
        @Override
        public long key(WholeRule rule, Summary summary) {
            Signs signs = summary.signs();
            boolean avoids = black.equals(AVOIDED) || oneColour.equals(AVOIDED);
            return isOneColour(signs) && (avoids || isFlat(signs)) ? rule.key(summary) : COLOURFUL;
        }

        private boolean isOneColour(Signs signs) {
            boolean allDark = (signs.families() & ~NEUTRALS) == 0 && signs.lightest() < dark;
            return isAllBlack(signs)
                    || allDark
                    || Integer.bitCount(signs.families()) <= 1 && signs.lightest() - signs.darkest() < spread;
        }

        private static boolean isAllBlack(Signs signs) {
            return !signs.has(Sign.NOT_BLACK);
        }

        private boolean isFlat(Signs signs) {
            return Integer.bitCount(signs.surfaces()) < textures
                    && !signs.has(Sign.PATTERN_WORN)
                    && !signs.has(Sign.TRIMMING_WORN)
                    && signs.statements() == 0;
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
