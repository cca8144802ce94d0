package jomble.core.counting.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FiguresTest {
    private static final BigInteger MOST = BigInteger.ONE.shiftLeft(127).subtract(BigInteger.ONE);

    /** A figure made of a large number by what it can do itself. */
    private static Figures of(BigInteger value) {
        Figures figures = new Figures(3);
        Figures radix = new Figures(2);
        radix.add(0, 1L << 62);
        BigInteger radixValue = BigInteger.ONE.shiftLeft(62);
        BigInteger[] upper = value.divideAndRemainder(radixValue.multiply(radixValue));
        BigInteger[] lower = upper[1].divideAndRemainder(radixValue);
        radix.addProduct(1, radix, 0, radix, 0);
        Figures digits = new Figures(3);
        digits.add(0, lower[1].longValueExact());
        digits.add(1, lower[0].longValueExact());
        digits.add(2, upper[0].longValueExact());
        figures.add(0, digits, 0);
        figures.addProduct(0, digits, 1, radix, 0);
        figures.addProduct(0, digits, 2, radix, 1);
        return figures;
    }

    @Test
    void addsAndMultipliesLikeLargeIntegers() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            int bits = 1 + random.nextInt(125);
            BigInteger a = new BigInteger(bits, random);
            BigInteger b = new BigInteger(1 + random.nextInt(126 - bits), random);
            BigInteger c = new BigInteger(1 + random.nextInt(125), random);
            Figures figures = of(c);
            assertThat(figures.get(0)).isEqualTo(c);
            figures.addProduct(0, of(a), 0, of(b), 0);
            assertThat(figures.get(0)).as("%s + %s × %s", c, a, b).isEqualTo(c.add(a.multiply(b)));
            figures.add(1, figures, 0);
            figures.add(1, 1);
            assertThat(figures.get(1)).isEqualTo(figures.get(0).add(BigInteger.ONE));
            figures.decrement(1);
            assertThat(figures.get(1)).isEqualTo(figures.get(0));
            assertThat(figures.isZero(1)).isEqualTo(figures.get(0).signum() == 0);
        }
    }

    @Test
    void refusesWhatItCannotHold() {
        Figures most = of(MOST);
        assertThat(most.get(0)).isEqualTo(MOST);
        assertThatThrownBy(() -> most.add(0, 1)).isInstanceOf(ArithmeticException.class);
    }
}
