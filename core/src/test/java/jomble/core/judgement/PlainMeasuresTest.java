package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.brief.DressCode;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

/**
 * The measures of an outfit a second time, slowly, from the words of the rules: brute force and counter read the same accumulator, so a mistake
 * in it would show in neither.
 */
class PlainMeasuresTest {
    private static final int OUTFITS = 2000;
    private static final long FIRST_SEED = 20_261_130;
    private static final Set<Slot> MAIN =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET);

    private final List<Slot> slots = List.of(Slot.values());

    @Test
    void addUpToWhatTheRulesSay() {
        int suits = 0;
        int ties = 0;
        for (long seed = FIRST_SEED; seed < FIRST_SEED + OUTFITS; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            JudgementContext context = wardrobes.contexts().get(0);
            Outfit outfit = outfit(wardrobes.pieces(14), new Random(seed));
            Summary summary = new Summariser(context).summarise(outfit.bySlotOrdinal());
            String as = "seed " + seed + ": " + outfit;
            assertThat(summary.filledSlots()).as(as).isEqualTo(mask(outfit));
            assertThat(summary.fullCentiClo()).as(as).isEqualTo(clo(outfit, EnumSet.noneOf(Slot.class)));
            assertThat(summary.peeledCentiClo()).as(as).isEqualTo(clo(outfit, peeled(context)));
            assertThat(summary.formality()).as(as).isEqualTo(formality(outfit, context));
            assertThat(summary.lowestFormality())
                    .as(as)
                    .isEqualTo(levels(outfit).min(Integer::compare).orElse(0));
            assertThat(summary.highestFormality())
                    .as(as)
                    .isEqualTo(levels(outfit).max(Integer::compare).orElse(0));
            assertThat(summary.patterned()).as(as).isEqualTo(patterned(outfit));
            assertThat(summary.hueFamilies()).as(as).isEqualTo(hues(outfit));
            assertThat(summary.metals()).as(as).isEqualTo(metals(outfit));
            assertThat(summary.closeInsideRoomy()).as(as).isEqualTo(isCloseInsideRoomy(outfit));
            suits += isWholeSuit(outfit, context) ? 1 : 0;
            ties += outfit.in(Slot.TIE).isPresent() ? 1 : 0;
        }
        assertThat(suits).as("whole suits among them").isPositive();
        assertThat(ties).as("ties among them").isPositive();
    }

    /** Any pieces in slots they have a role in, a slot filled two times in three. */
    private Outfit outfit(List<Piece> pieces, Random random) {
        List<Piece> left = new ArrayList<>(pieces);
        Collections.shuffle(left, random);
        List<Worn> worn = new ArrayList<>();
        for (Slot slot : slots) {
            left.stream()
                    .filter(piece -> piece.hasRole(slot) && random.nextInt(3) > 0)
                    .findFirst()
                    .ifPresent(piece -> {
                        left.remove(piece);
                        worn.add(Worn.of(slot, piece));
                    });
        }
        return Outfit.of(worn);
    }

    private static int mask(Outfit outfit) {
        int mask = 0;
        for (Worn worn : outfit.worn()) {
            mask |= 1 << worn.slot().ordinal();
        }
        return mask;
    }

    private static int clo(Outfit outfit, Set<Slot> off) {
        return outfit.worn().stream()
                .filter(worn -> !off.contains(worn.slot()))
                .flatMap(worn -> worn.pieces().stream())
                .mapToInt(Piece::centiClo)
                .sum();
    }

    /** The coat, the mid layer and, unless the dress code wants it, the jacket. */
    private static Set<Slot> peeled(JudgementContext context) {
        return context.occasion().requires(DressCode.JACKET)
                ? EnumSet.of(Slot.COAT)
                : EnumSet.of(Slot.COAT, Slot.MID, Slot.JACKET);
    }

    /** Of the main pieces and the shoes; a one-piece stands for a top and a bottom. */
    private static Stream<Integer> levels(Outfit outfit) {
        return outfit.worn().stream()
                .filter(worn -> MAIN.contains(worn.slot()) || worn.slot() == Slot.SHOES)
                .flatMap(worn ->
                        Collections.nCopies(
                                worn.slot() == Slot.ONEPIECE ? 2 : 1,
                                worn.piece().formality())
                                .stream());
    }

    /** The lower median; one less for a broken suit, at least that of the jacket of a whole one; a tie adds one up to business. */
    private static int formality(Outfit outfit, JudgementContext context) {
        List<Integer> levels = levels(outfit).sorted().toList();
        if (levels.isEmpty()) {
            return 0;
        }
        int median = levels.get((levels.size() - 1) / 2);
        int formality = isBroken(outfit, context) ? Math.max(1, median - 1) : median;
        if (isWholeSuit(outfit, context)) {
            formality = Math.max(formality, jacket(outfit).piece().formality());
        }
        if (outfit.in(Slot.TIE).isPresent()) {
            int most = Math.max(5, levels.get(levels.size() - 1));
            formality = Math.max(formality, Math.min(formality + 1, most));
        }
        return formality;
    }

    private static Worn jacket(Outfit outfit) {
        return outfit.in(Slot.JACKET).orElse(null);
    }

    private static boolean isBroken(Outfit outfit, JudgementContext context) {
        Worn bottom = outfit.in(Slot.BOTTOM).orElse(null);
        Worn mid = outfit.in(Slot.MID).orElse(null);
        return Tailoring.isBroken(jacket(outfit), bottom, context)
                || Tailoring.isBroken(mid, bottom, context)
                || Tailoring.isBroken(mid, jacket(outfit), context);
    }

    private static boolean isWholeSuit(Outfit outfit, JudgementContext context) {
        return jacket(outfit) != null
                && outfit.in(Slot.BOTTOM)
                        .filter(bottom ->
                                bottom.piece().sharesSetWith(jacket(outfit).piece()))
                        .isPresent()
                && !isBroken(outfit, context);
    }

    /** Patterned main pieces; a bottom of the jacket's set and cloth is free, and so is a mid of the jacket's or the bottom's. */
    private static int patterned(Outfit outfit) {
        int patterned = 0;
        for (Worn worn : outfit.worn()) {
            boolean counts = MAIN.contains(worn.slot()) && worn.piece().isPatterned();
            boolean free = worn.slot() == Slot.BOTTOM && isOfOneCloth(worn, outfit, Slot.JACKET)
                    || worn.slot() == Slot.MID
                            && (isOfOneCloth(worn, outfit, Slot.JACKET) || isOfOneCloth(worn, outfit, Slot.BOTTOM));
            patterned += counts && !free ? 1 : 0;
        }
        return patterned;
    }

    private static boolean isOfOneCloth(Worn worn, Outfit outfit, Slot slot) {
        return outfit.in(slot)
                .filter(other -> !other.piece().isSolid()
                        && other.piece().sharesSetWith(worn.piece())
                        && other.piece().cloth() == worn.piece().cloth())
                .isPresent();
    }

    private static int hues(Outfit outfit) {
        int hues = 0;
        for (Worn worn : outfit.worn()) {
            boolean counts =
                    MAIN.contains(worn.slot()) && !worn.piece().colourFamily().isNeutral();
            hues |= counts ? 1 << worn.piece().colourFamily().ordinal() : 0;
        }
        return hues;
    }

    /** What is worn beneath is not in sight. */
    private static int metals(Outfit outfit) {
        int metals = 0;
        for (Worn worn : outfit.worn()) {
            for (Piece piece : worn.pieces()) {
                boolean isSeen = worn.slot() != Slot.BASE && worn.slot() != Slot.UNDERSKIRT;
                metals |= isSeen && piece.metal() != Metal.NONE
                        ? 1 << piece.metal().ordinal()
                        : 0;
            }
        }
        return metals;
    }

    private static boolean isCloseInsideRoomy(Outfit outfit) {
        boolean close = outfit.in(Slot.TOP)
                .filter(top -> top.piece().fit().volume() == 1)
                .isPresent();
        return close
                && Stream.of(Slot.MID, Slot.JACKET, Slot.COAT)
                        .anyMatch(slot -> outfit.in(slot)
                                .filter(worn -> worn.piece().fit().volume() >= 3)
                                .isPresent());
    }
}
