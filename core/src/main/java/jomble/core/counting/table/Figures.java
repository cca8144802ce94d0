package jomble.core.counting.table;

import java.math.BigInteger;
import java.util.Arrays;

/**
 * Exact figures from 0 to 2^127 − 1, in two longs each: counts of every slot go beyond 2^63 from some 300 pieces on. Not for use by
 * several threads.
 */
public final class Figures {
    private static final BigInteger LOW_MASK =
            BigInteger.ONE.shiftLeft(Long.SIZE).subtract(BigInteger.ONE);

    private long[] low;
    private long[] high;

    /** All 0. */
    public Figures(int size) {
        low = new long[size];
        high = new long[size];
    }

    public int size() {
        return low.length;
    }

    /** Makes room; what is new is 0. */
    public void growTo(int size) {
        low = Arrays.copyOf(low, size);
        high = Arrays.copyOf(high, size);
    }

    public boolean isZero(int at) {
        return (low[at] | high[at]) == 0;
    }

    /** @throws ArithmeticException above 2^127 − 1 */
    public void add(int to, Figures from, int at) {
        add(to, from.high[at], from.low[at]);
    }

    /**
     * @param value not negative
     * @throws ArithmeticException above 2^127 − 1
     */
    public void add(int to, long value) {
        add(to, 0, value);
    }

    /** Takes one away. */
    public void decrement(int at) {
        high[at] -= low[at] == 0 ? 1 : 0;
        low[at]--;
    }

    /**
     * Adds a product, which is at most a figure that was added up already and so is not too large.
     *
     * @throws ArithmeticException when the sum is above 2^127 − 1
     */
    public void addProduct(int to, Figures one, int at, Figures other, int there) {
        long a = one.low[at];
        long b = other.low[there];
        long carried = unsignedHigh(a, b) + one.high[at] * b + a * other.high[there];
        add(to, carried, a * b);
    }

    private static long unsignedHigh(long a, long b) {
        return Math.multiplyHigh(a, b) + (a >> 63 & b) + (b >> 63 & a);
    }

    private void add(int to, long moreHigh, long moreLow) {
        long sum = low[to] + moreLow;
        long carry = Long.compareUnsigned(sum, moreLow) < 0 ? 1 : 0;
        low[to] = sum;
        high[to] += moreHigh + carry;
        if (high[to] < 0) {
            throw new ArithmeticException("more than 2^127 - 1");
        }
    }

    /** Whether the first figure and another are together above a limit; nothing is changed. */
    public boolean exceedsWith(Figures other, int at, long limit) {
        return (high[0] | other.high[at]) != 0
                || low[0] < 0
                || other.low[at] < 0
                || low[0] + other.low[at] > limit
                || low[0] + other.low[at] < 0;
    }

    public BigInteger get(int at) {
        return high[at] == 0 && low[at] >= 0
                ? BigInteger.valueOf(low[at])
                : BigInteger.valueOf(high[at])
                        .shiftLeft(Long.SIZE)
                        .or(BigInteger.valueOf(low[at]).and(LOW_MASK));
    }
}
