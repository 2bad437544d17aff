package gyrotaxis.core.estimate;

import gyrotaxis.core.install.Terms;
import gyrotaxis.core.quantity.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * What a client is asked for.
 *
 * @param materials hair, as it is bought
 * @param others everything else that is used and has a price
 * @param margin added to both
 * @param chair her time in the chair
 */
public record Quote(Money materials, List<Line> others, Money margin, Money chair) {
    private static final BigDecimal MINUTES = BigDecimal.valueOf(60);
    private static final BigDecimal ALL_PERCENT = BigDecimal.valueOf(100);

    /**
     * A quote.
     *
     * @param needs what is used besides loops
     * @param terms what materials and an hour cost, and what is added to materials
     * @param chairMinutes the likely time, minutes, at least 0
     */
    public static Quote of(Money materials, List<FoundationNeeds.Need> needs, double chairMinutes, Terms terms) {
        List<Line> lines = new ArrayList<>();
        BigDecimal cost = BigDecimal.valueOf(materials.minor());
        for (FoundationNeeds.Need need : needs) {
            Long price = terms.prices().get(need.material());
            if (price != null) {
                BigDecimal minor = BigDecimal.valueOf(price)
                        .multiply(BigDecimal.valueOf(need.units()))
                        .setScale(0, RoundingMode.HALF_UP);
                lines.add(new Line(need.what(), new Money(minor.longValueExact(), materials.currency())));
                cost = cost.add(minor);
            }
        }
        BigDecimal margin =
                cost.multiply(BigDecimal.valueOf(terms.marginPercent())).divide(ALL_PERCENT, 0, RoundingMode.HALF_UP);
        BigDecimal chair = BigDecimal.valueOf(terms.hourMinor())
                .multiply(BigDecimal.valueOf(chairMinutes))
                .divide(MINUTES, 0, RoundingMode.HALF_UP);
        return new Quote(
                materials,
                lines,
                new Money(margin.longValueExact(), materials.currency()),
                new Money(chair.longValueExact(), materials.currency()));
    }

    /**
     * Something that is used and has a price.
     *
     * @param what what it is
     * @param cost what of it is used costs
     */
    public record Line(String what, Money cost) {}

    public Quote {
        others = List.copyOf(others);
    }

    /** All of it. */
    public Money total() {
        Money sum = materials;
        for (Line l : others) {
            sum = sum.plus(l.cost());
        }
        return sum.plus(margin).plus(chair);
    }
}
