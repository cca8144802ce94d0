package jomble.core.judgement;

/** A rule. Its scope is its type: the judging method receives nothing beyond it. */
public sealed interface Rule permits PieceRule, PairRule, WholeRule {
    RuleInfo info();

    Scope scope();

    default boolean has(RuleTrait trait) {
        return info().traits().contains(trait);
    }

    default boolean readsWeather() {
        return has(RuleTrait.READS_WEATHER);
    }

    default boolean readsFinishes() {
        return has(RuleTrait.READS_FINISHES);
    }

    default boolean readsWarmthOnly() {
        return has(RuleTrait.READS_WARMTH_ONLY);
    }

    default boolean neverFaults() {
        return has(RuleTrait.NEVER_FAULTS);
    }

    default boolean mayCredit() {
        return neverFaults() || has(RuleTrait.MAY_CREDIT);
    }

    default boolean onlyStops() {
        return has(RuleTrait.ONLY_STOPS);
    }

    default String id() {
        return info().id();
    }
}
