package jomble.core.counting;

import java.math.BigInteger;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A page of a list of combinations.
 *
 * @param total length of the whole list; equals the count
 */
public record CombinationPage(BigInteger total, List<Combination> combinations) {
    /** This page as part of the same list without its first {@code offset} combinations. */
    public CombinationPage after(long offset) {
        return new CombinationPage(total.subtract(BigInteger.valueOf(offset)), combinations);
    }

    /** This page with each of its combinations changed. */
    public CombinationPage map(UnaryOperator<Combination> change) {
        return new CombinationPage(total, combinations.stream().map(change).toList());
    }
}
