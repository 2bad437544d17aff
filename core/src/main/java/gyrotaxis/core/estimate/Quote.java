package gyrotaxis.core.estimate;

import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.terms.Terms;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * What a client is asked for. Hair may be priced in another currency than the stylist's work. No exchange rate is known, so
 * each currency has a margin and a total of its own.
 *
 * @param materials hair, as it is bought
 * @param others everything else that is used and has a price
 * @param margins what is added to both, one amount for each currency
 * @param chair her time in the chair
 */
public record Quote(Money materials, List<Line> others, List<Money> margins, Money chair) {
    private static final BigDecimal MINUTES = BigDecimal.valueOf(60);

    /**
     * A quote.
     *
     * @param needs what is used besides loops
     * @param terms what materials and an hour cost, and what is added to materials
     * @param chairMinutes the likely time, minutes, at least 0
     */
    public static Quote of(Money materials, List<FoundationNeeds.Need> needs, double chairMinutes, Terms terms) {
        List<Line> lines = new ArrayList<>();
        for (FoundationNeeds.Need need : needs) {
            terms.price(need.material()).ifPresent(p -> lines.add(new Line(need.what(), times(p, need.units()))));
        }
        List<Money> margins = costs(materials, lines).stream()
                .map(m -> m.percent(terms.marginPercent()))
                .toList();
        Money chair = new Money(
                BigDecimal.valueOf(terms.hour().minor())
                        .multiply(BigDecimal.valueOf(chairMinutes))
                        .divide(MINUTES, 0, RoundingMode.HALF_UP)
                        .longValueExact(),
                terms.hour().currency());
        return new Quote(materials, lines, margins, chair);
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
        margins = List.copyOf(margins);
    }

    private static Money times(Money price, double units) {
        return new Money(
                BigDecimal.valueOf(price.minor())
                        .multiply(BigDecimal.valueOf(units))
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValueExact(),
                price.currency());
    }

    private static List<Money> costs(Money materials, List<Line> others) {
        List<Money> all = new ArrayList<>(List.of(materials));
        others.forEach(l -> all.add(l.cost()));
        return Money.sums(all);
    }

    /** Hair and everything else that is used, with the margin, one amount for each currency. */
    public List<Money> supplies() {
        List<Money> all = new ArrayList<>(costs(materials, others));
        all.addAll(margins);
        return Money.sums(all);
    }

    /** All of it, one amount for each currency in which something costs; the currency of the hour comes first, and always. */
    public List<Money> totals() {
        List<Money> all = new ArrayList<>(List.of(chair));
        supplies().stream().filter(m -> m.minor() != 0).forEach(all::add);
        return Money.sums(all);
    }
}
