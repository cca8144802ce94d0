package jomble.core.counting;

import java.math.BigInteger;

/**
 * The number of combinations.
 *
 * @param total combinations that work, plus the daring ones when they are included
 * @param daring daring combinations, whether or not they are included
 */
public record Totals(BigInteger total, BigInteger daring) {
    public static Totals of(Counts counts) {
        return new Totals(counts.total(), counts.daring());
    }
}
