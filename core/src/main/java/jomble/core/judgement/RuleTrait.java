package jomble.core.judgement;

/** What a rule declares about itself, so that counting can do without it where it has nothing to say. */
public enum RuleTrait {
    /** The verdict may change with the weather; other rules are worked out once for all months of a year. */
    READS_WEATHER,
    /** The verdict may change with the way a piece is worn. */
    READS_FINISHES,
    /** It never finds fault, so that a verdict can be had without it. */
    ONLY_CREDITS,
    /** It may say that something works; a rule that does so without declaring it is refused by the counter. */
    MAY_CREDIT,
    /** Every fault it finds is a stop that cannot be softened; it then needs no points and no bit of its own. */
    ONLY_STOPS,
    /**
     * The finding depends on the two sums of clo alone. Such a rule is about nothing else: its points are added up apart, so a finding
     * of the same rule about a piece or a pair would be charged twice. {@link RuleCatalogue} refuses it.
     */
    READS_WARMTH_ONLY
}
