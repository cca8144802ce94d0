package jomble.core.judgement;

/**
 * A number a rule compares with.
 *
 * @param name kebab-case, unique within its rule
 * @param value the default
 * @param unit what the number counts
 */
public record Parameter(String name, double value, String unit) {}
