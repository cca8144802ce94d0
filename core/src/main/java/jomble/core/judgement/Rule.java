package jomble.core.judgement;

/** One rule of the job. Its scope is its type: the judging method receives nothing beyond it. */
public sealed interface Rule permits PieceRule, PairRule, WholeRule {
    RuleInfo info();

    Scope scope();

    /** Whether the verdict may change with the weather; other rules are worked out once for all months of a year. */
    default boolean readsWeather() {
        return false;
    }

    /** Whether the verdict may change with the way a piece is worn. */
    default boolean readsFinishes() {
        return false;
    }

    default String id() {
        return info().id();
    }
}
