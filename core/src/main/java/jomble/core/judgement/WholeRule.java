package jomble.core.judgement;

import java.util.Optional;
import java.util.Set;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** A rule about the outfit as a whole, of which it sees the bounded {@link Summary} only. */
public non-sealed interface WholeRule extends Rule {
    /** The slots whose filling can change the parts of the summary this rule looks at. */
    default Set<Slot> reads() {
        return info().reads();
    }

    /** Whether wearing this in such an outfit can change the finding; narrows {@link #reads()} to pieces that matter. */
    default boolean isTouchedBy(Worn worn, Structure structure) {
        return reads().contains(worn.slot());
    }

    /** Whether wearing this as well can make the finding milder. Where it cannot, a caution found early is final. */
    default boolean maySoften(Worn worn, Structure structure) {
        return isTouchedBy(worn, structure);
    }

    /**
     * All that the rule can see of an outfit in which top, bottom, one-piece and drape are decided, as a number: outfits with equal keys
     * are alike to the rule, whatever else is put on in the order of the slots.
     */
    long key(Summary summary);

    /** Works out everything that depends on the context alone, so that judging is cheap. */
    Check prepare(JudgementContext context);

    /**
     * What the kinds of its findings depend on in a context, besides the sums of clo, as a value: in contexts with equal answers it
     * finds the same of the same outfit, though the values it names may differ. By default no two contexts are alike.
     */
    default Object bearing(JudgementContext context) {
        return context;
    }

    /** Whether a finding names this piece; the verdict does not depend on it. */
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

        /** As {@link WholeRule#key}, where more outfits may be alike: those the rule holds alike in this context. */
        default long key(WholeRule rule, Summary summary) {
            return rule.key(summary);
        }
    }
}
