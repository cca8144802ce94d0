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

    /** Whether it never finds fault, so that a verdict can be had without it. */
    default boolean onlyCredits() {
        return false;
    }

    /** Whether it may say that something works; a rule that does so without declaring it is refused by the counter. */
    default boolean mayCredit() {
        return onlyCredits();
    }

    /** Whether every fault it finds is a stop that cannot be softened; it then needs no points and no bit of its own. */
    default boolean onlyStops() {
        return false;
    }

    default String id() {
        return info().id();
    }
}
