package jomble.core.judgement;

import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** When a suit counts as broken: one of its parts is worn with a tailored partner from outside the set. */
public final class Tailoring {

    private Tailoring() {}

    /** Whether a suit is broken between these two; either may be null for an empty slot. */
    public static boolean isBroken(Worn one, Worn other, JudgementContext context) {
        if (one == null || other == null || !isPart(one) || !isPart(other)) {
            return false;
        }
        boolean tailored = isOfSuit(one, context) || isOfSuit(other, context);
        return tailored && !one.piece().sharesSetWith(other.piece());
    }

    /** A jacket, a waistcoat, or a bottom. */
    public static boolean isPart(Worn worn) {
        return switch (worn.slot()) {
            case JACKET, BOTTOM -> true;
            case MID -> worn.piece().is(Trait.WAISTCOAT);
            default -> false;
        };
    }

    private static boolean isOfSuit(Worn worn, JudgementContext context) {
        boolean lone = worn.piece().setId() == null
                && worn.slot() == Slot.JACKET
                && worn.piece().is(Trait.SUIT_JACKET);
        return lone || context.isOfSuit(worn.piece());
    }
}
