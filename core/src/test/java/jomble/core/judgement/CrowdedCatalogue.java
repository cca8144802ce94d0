package jomble.core.judgement;

import jomble.core.judgement.rule.Catalogue;

/** The standard rules with so little room in the first word of the masks that many of them are in the second. */
public final class CrowdedCatalogue {
    /** Fewer than there are rules about pieces and pairs, and at least as many as may credit. */
    private static final int IN_FIRST_WORD = 30;

    private CrowdedCatalogue() {}

    public static RuleCatalogue standard() {
        return new RuleCatalogue(Catalogue.standard().rules(), IN_FIRST_WORD);
    }
}
