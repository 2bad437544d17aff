package gyrotaxis.core.terms;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * On what terms one stylist works: what she keeps back, what she charges, how fast she is.
 *
 * @param reservePercent loops kept back for fills, in per cent of those placed, in {@link #RESERVE_PERCENT}
 * @param hour what an hour in her chair costs; its minor units are in {@link #HOUR_MINOR}
 * @param marginPercent added to materials in a quote, in {@link #MARGIN_PERCENT}
 * @param pacePercent how long she takes against the usual, in per cent, in {@link #PACE_PERCENT}; 80 is a fifth quicker
 * @param prices what materials cost in the measure they are bought in, in the smallest unit of the hour's currency, each in
 *     {@link #PRICE_MINOR}; those without a price are told and not charged
 */
public record Terms(int reservePercent, Money hour, int marginPercent, int pacePercent, Map<Material, Long> prices) {
    public static final Interval RESERVE_PERCENT = new Interval(0, 30);
    public static final Interval HOUR_MINOR = new Interval(0, 10_000_000);
    public static final Interval MARGIN_PERCENT = new Interval(0, 200);
    public static final Interval PRICE_MINOR = new Interval(0, 10_000_000);
    public static final Interval PACE_PERCENT = new Interval(40, 250);

    /** A tenth kept back, as is usual; the rest is where a stylist begins to put in her own. */
    public static final Terms USUAL = new Terms(10, Money.of(3500, "EUR"), 20, 100);

    private static final double ALL_PERCENT = 100;

    public Terms {
        require(reservePercent, RESERVE_PERCENT, "reservePercent");
        Require.inRange(hour.minor(), HOUR_MINOR.min(), HOUR_MINOR.max(), "hour", "");
        require(marginPercent, MARGIN_PERCENT, "marginPercent");
        require(pacePercent, PACE_PERCENT, "pacePercent");
        EnumMap<Material, Long> priced = new EnumMap<>(Material.class);
        priced.putAll(prices);
        priced.values().forEach(minor -> Require.inRange(minor, PRICE_MINOR.min(), PRICE_MINOR.max(), "prices", ""));
        prices = Collections.unmodifiableMap(priced);
    }

    /** Terms without prices of materials. */
    public Terms(int reservePercent, Money hour, int marginPercent, int pacePercent) {
        this(reservePercent, hour, marginPercent, pacePercent, Map.of());
    }

    private static void require(int percent, Interval limits, String name) {
        Require.inRange(percent, (int) limits.min(), (int) limits.max(), name, "%");
    }

    /** What a material costs in the measure it is bought in; empty if it has no price. */
    public Optional<Money> price(Material material) {
        return Optional.ofNullable(prices.get(material)).map(minor -> new Money(minor, hour.currency()));
    }

    /** How long she takes against the usual, as a factor. */
    public double pace() {
        return pacePercent / ALL_PERCENT;
    }

    /** The same with so much kept back. */
    public Terms keepingBack(int percent) {
        return new Terms(percent, hour, marginPercent, pacePercent, prices);
    }
}
