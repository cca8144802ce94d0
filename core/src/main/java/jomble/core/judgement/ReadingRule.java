package jomble.core.judgement;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.outfit.Reading;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * Stops what is read otherwise, see {@link Reading}, as a rule for the counter. It has nothing to say to anybody: an
 * outfit is judged in the reading that counts.
 */
public final class ReadingRule implements WholeRule {
    private static final Set<Slot> READS =
            EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.MID, Slot.JACKET, Slot.COAT);
    private static final RuleInfo INFO = RuleInfo.of("reading", "Read otherwise", "The same look counts once.")
            .reading(READS)
            .that(RuleTrait.ONLY_STOPS);

    private record ReadOtherwise() {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean isTouchedBy(Worn worn, Structure structure) {
        return Reading.roles(worn.slot(), worn.piece()) != 0;
    }

    @Override
    public long key(Summary summary) {
        return summary.otherRoles();
    }

    @Override
    public Check prepare(JudgementContext context) {
        return summary -> Reading.counts(summary.otherRoles()) ? Optional.empty() : Result.stop(new ReadOtherwise());
    }

    /** Whether anything of a wardrobe could be read otherwise. */
    public static boolean isNeededFor(List<Worn> ways) {
        return ways.stream()
                .map(Worn::piece)
                .anyMatch(piece -> piece.hasRole(Slot.ONEPIECE) && piece.hasRole(Slot.BOTTOM)
                        || piece.roles().stream().filter(Slot.LAYERS::contains).count() > 1);
    }
}
