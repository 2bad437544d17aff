package gyrotaxis.core.estimate;

import gyrotaxis.core.quantity.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What a client is asked for.
 *
 * @param materials hair, as it is bought
 * @param margin added to it
 * @param chair her time in the chair
 */
public record Quote(Money materials, Money margin, Money chair) {
    private static final BigDecimal MINUTES = BigDecimal.valueOf(60);
    private static final BigDecimal ALL_PERCENT = BigDecimal.valueOf(100);

    /**
     * A quote.
     *
     * @param chairMinutes the likely time, minutes, at least 0
     * @param hourMinor what an hour costs, in the smallest unit of the materials' currency, at least 0
     * @param marginPercent added to materials, per cent, at least 0
     */
    public static Quote of(Money materials, double chairMinutes, long hourMinor, int marginPercent) {
        BigDecimal margin = BigDecimal.valueOf(materials.minor())
                .multiply(BigDecimal.valueOf(marginPercent))
                .divide(ALL_PERCENT, 0, RoundingMode.HALF_UP);
        BigDecimal chair = BigDecimal.valueOf(hourMinor)
                .multiply(BigDecimal.valueOf(chairMinutes))
                .divide(MINUTES, 0, RoundingMode.HALF_UP);
        return new Quote(
                materials,
                new Money(margin.longValueExact(), materials.currency()),
                new Money(chair.longValueExact(), materials.currency()));
    }

    /** All of it. */
    public Money total() {
        return materials.plus(margin).plus(chair);
    }
}
