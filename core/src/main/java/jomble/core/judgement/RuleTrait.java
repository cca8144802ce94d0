package jomble.core.judgement;

/** Properties a rule declares, so that the counter can skip it where it has no effect. */
public enum RuleTrait {
    /** Its findings depend on the weather; other rules are evaluated once for all months of a year. */
    READS_WEATHER,
    /** Its findings depend on how a piece is worn. */
    READS_FINISHES,
    /** It never finds fault, it credits or remarks at most, so verdicts do not depend on it. */
    NEVER_FAULTS,
    /** It may credit; the counter rejects a rule that credits without declaring it. */
    MAY_CREDIT,
    /** Every fault is a stop that cannot be softened, so it needs neither points nor a bit. */
    ONLY_STOPS,
    /**
     * The finding depends only on the two clo sums. Its points are added separately, so a rule that also judges pieces
     * or pairs would be charged twice; {@link RuleCatalogue} rejects it.
     */
    READS_WARMTH_ONLY
}
