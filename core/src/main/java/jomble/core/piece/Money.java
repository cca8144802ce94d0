package jomble.core.piece;

import java.math.BigDecimal;
import java.util.Currency;

/**
 * An exact amount in one currency.
 *
 * <p>Invariant: amount ≥ 0 with no more decimals than the currency has.
 */
public record Money(BigDecimal amount, Currency currency) {
    public Money {
        if (amount.signum() < 0) {
            throw new IllegalArgumentException("an amount is not negative: " + amount);
        }
        amount = amount.setScale(Math.max(0, currency.getDefaultFractionDigits()));
    }
}
