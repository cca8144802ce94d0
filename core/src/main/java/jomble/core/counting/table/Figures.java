package jomble.core.counting.table;

import java.math.BigInteger;
import java.util.Arrays;

/**
 * An array of exact figures from 0 to 2^127 − 1. Each takes one long while all are below 2^63, then two; with about 300
 * pieces and every slot counted, counts exceed one long. Not thread-safe.
 */
public final class Figures {
    private static final BigInteger LOW_MASK =
            BigInteger.ONE.shiftLeft(Long.SIZE).subtract(BigInteger.ONE);

    private long[] low;
    /** Null while every figure is below 2^63. */
    private long[] high;

    /** All 0. */
    public Figures(int size) {
        low = new long[size];
    }

    public int size() {
        return low.length;
    }

    /** Grows the array; new figures are 0. */
    public void growTo(int size) {
        low = Arrays.copyOf(low, size);
        high = high == null ? null : Arrays.copyOf(high, size);
    }

    public boolean isZero(int at) {
        return low[at] == 0 && highOf(at) == 0;
    }

    private long highOf(int at) {
        return high == null ? 0 : high[at];
    }

    /** @throws ArithmeticException above 2^127 − 1 */
    public void add(int to, Figures from, int at) {
        if (high == null && from.high == null) {
            add(to, from.low[at]);
        } else {
            addWide(to, from.highOf(at), from.low[at]);
        }
    }

    /**
     * @param value not negative
     * @throws ArithmeticException above 2^127 − 1
     */
    public void add(int to, long value) {
        long sum = low[to] + value;
        if (high == null && sum >= 0) {
            low[to] = sum;
        } else {
            addWide(to, 0, value);
        }
    }

    /** Subtracts one. */
    public void decrement(int at) {
        if (high != null && low[at] == 0) {
            high[at]--;
        }
        low[at]--;
    }

    /**
     * Adds a product. The product must not exceed a figure that was already added without overflow.
     *
     * @throws ArithmeticException when the sum is above 2^127 − 1
     */
    public void addProduct(int to, Figures one, int at, Figures other, int there) {
        long a = one.low[at];
        long b = other.low[there];
        if (one.high == null && other.high == null) {
            long product = a * b;
            if (product >= 0 && Math.multiplyHigh(a, b) == 0) {
                add(to, product);
                return;
            }
        }
        addWide(to, unsignedHigh(a, b) + one.highOf(at) * b + a * other.highOf(there), a * b);
    }

    private static long unsignedHigh(long a, long b) {
        return Math.multiplyHigh(a, b) + (a >> 63 & b) + (b >> 63 & a);
    }

    private void addWide(int to, long moreHigh, long moreLow) {
        high = high == null ? new long[low.length] : high;
        long sum = low[to] + moreLow;
        long carry = Long.compareUnsigned(sum, moreLow) < 0 ? 1 : 0;
        low[to] = sum;
        high[to] += moreHigh + carry;
        if (high[to] < 0) {
            throw new ArithmeticException("more than 2^127 - 1");
        }
    }

    /** Whether the first figure plus another exceeds a limit; nothing is changed. */
    public boolean exceedsWith(Figures other, int at, long limit) {
        return (highOf(0) | other.highOf(at)) != 0
                || low[0] < 0
                || other.low[at] < 0
                || low[0] + other.low[at] > limit
                || low[0] + other.low[at] < 0;
    }

    public BigInteger get(int at) {
        return highOf(at) == 0 && low[at] >= 0
                ? BigInteger.valueOf(low[at])
                : BigInteger.valueOf(highOf(at))
                        .shiftLeft(Long.SIZE)
                        .or(BigInteger.valueOf(low[at]).and(LOW_MASK));
    }
}
