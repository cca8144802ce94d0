package jomble.core.counting;

import java.math.BigInteger;

/**
 * How many combinations there are.
 *
 * @param total combinations that work, and the daring ones when they are included
 * @param daring combinations that are daring, whether or not they are included
 */
public record Totals(BigInteger total, BigInteger daring) {
    public static Totals of(Counts counts) {
        return new Totals(counts.total(), counts.daring());
    }
}
