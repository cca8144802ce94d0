package jomble.core.judgement;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** A rule about the outfit as a whole, which sees only the bounded {@link Summary}. */
public non-sealed interface WholeRule extends Rule {
    /** The slots whose filling can change the measures this rule reads. */
    default Set<Slot> reads() {
        return info().reads();
    }

    /** Whether wearing this can change the finding; narrows {@link #reads()} to the pieces that matter. */
    default boolean isTouchedBy(Worn worn, Structure structure) {
        return reads().contains(worn.slot());
    }

    /** Whether wearing this as well can make the finding milder. If nothing can, a fault found early is final. */
    default boolean maySoften(Worn worn, Structure structure) {
        return isTouchedBy(worn, structure);
    }

    /**
     * A key of everything the rule can see of an outfit whose top, bottom, one-piece and drape are decided: outfits
     * with equal keys have equal findings, whatever is added later in slot order.
     */
    long key(Summary summary);

    /** Precomputes everything that depends on the context alone, so that judging is fast. */
    Check prepare(JudgementContext context);

    /**
     * All that the kind of its findings depends on in the weather, apart from the clo sums, as answers to yes-or-no
     * questions: in contexts with equal answers it finds the same about the same outfit, though evidence may differ.
     * Empty when it cannot be put so; every context is then distinct.
     */
    default Optional<List<Boolean>> weatherAnswers(JudgementContext context) {
        return Optional.empty();
    }

    /** Whether a finding lists this piece; verdicts do not depend on it. */
    default boolean speaksOf(Worn worn, Summary summary) {
        return reads().contains(worn.slot());
    }

    @Override
    default Scope scope() {
        return Scope.WHOLE;
    }

    /** The rule in one context. */
    interface Check {
        Check SILENT = summary -> Optional.empty();

        Optional<Result> judge(Summary summary);

        /** As {@link WholeRule#key}, but may merge outfits that this context makes equivalent. */
        default long key(WholeRule rule, Summary summary) {
            return rule.key(summary);
        }
    }
}
