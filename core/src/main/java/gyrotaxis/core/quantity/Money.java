package gyrotaxis.core.quantity;

import java.math.BigDecimal;
import java.util.Currency;

/**
 * An amount of money, exact.
 *
 * @param minor amount in the currency's smallest unit (cents, pence, yen), may be negative
 * @param currency ISO 4217 currency
 */
public record Money(long minor, Currency currency) {

    /**
     * An amount in a currency given by its code.
     *
     * @throws IllegalArgumentException if no currency has this ISO 4217 code
     */
    public static Money of(long minor, String currencyCode) {
        return new Money(minor, Currency.getInstance(currencyCode));
    }

    /** This amount a whole number of times; overflow is refused with an {@link ArithmeticException}. */
    public Money times(long count) {
        return new Money(Math.multiplyExact(minor, count), currency);
    }

    /**
     * The sum.
     *
     * @throws IllegalArgumentException if the currencies differ: no rate is known here
     */
    public Money plus(Money other) {
        if (!currency.equals(other.currency)) {
            throw new IllegalArgumentException(
                    "cannot add " + other.currency + " to " + currency + "; price the plan in one currency");
        }
        return new Money(Math.addExact(minor, other.minor), currency);
    }

    /** As it is written: "6.50 EUR". */
    public String words() {
        return amount() + " " + currency.getCurrencyCode();
    }

    /** As it is written where the currency stands elsewhere: "6.50". */
    public String amount() {
        return BigDecimal.valueOf(minor, currency.getDefaultFractionDigits()).toPlainString();
    }
}
