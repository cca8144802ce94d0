package jomble.core.counting;

import java.math.BigInteger;
import java.util.List;

/**
 * A page of a list of combinations.
 *
 * @param total length of the whole list, equal to the count
 */
public record CombinationPage(BigInteger total, List<Combination> combinations) {
    /** The same of a list that begins so much later. */
    public CombinationPage after(long offset) {
        return new CombinationPage(total.subtract(BigInteger.valueOf(offset)), combinations);
    }
}
