package jomble.server.counting;

import com.fasterxml.jackson.annotation.JsonValue;
import java.math.BigInteger;

/** An exact integer in JSON: beyond 2^53, where many readers round, it is written as text. */
public record Exact(BigInteger number) {
    private static final BigInteger EXACT_IN_A_DOUBLE = BigInteger.ONE.shiftLeft(53);

    public static Exact of(BigInteger number) {
        return new Exact(number);
    }

    public static Exact of(long number) {
        return new Exact(BigInteger.valueOf(number));
    }

    @JsonValue
    Object written() {
        return number.abs().compareTo(EXACT_IN_A_DOUBLE) > 0 ? number.toString() : (Object) number.longValueExact();
    }
}
