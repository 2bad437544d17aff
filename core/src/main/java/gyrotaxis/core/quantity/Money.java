package gyrotaxis.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * An amount of money, exact.
 *
 * @param minor amount in the currency's smallest unit (cents, pence, yen), may be negative
 * @param currency ISO 4217 currency
 */
public record Money(long minor, Currency currency) {
    private static final BigDecimal ALL_PERCENT = BigDecimal.valueOf(100);

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

    /** What amounts come to: one sum for each currency, in the order in which the currencies first appear. */
    public static List<Money> sums(Iterable<Money> amounts) {
        Map<Currency, Money> sums = new LinkedHashMap<>();
        amounts.forEach(m -> sums.merge(m.currency, m, Money::plus));
        return List.copyOf(sums.values());
    }

    /** A share of this amount, rounded half up to the currency's smallest unit. */
    public Money percent(int percent) {
        return new Money(
                BigDecimal.valueOf(minor)
                        .multiply(BigDecimal.valueOf(percent))
                        .divide(ALL_PERCENT, 0, RoundingMode.HALF_UP)
                        .longValueExact(),
                currency);
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
