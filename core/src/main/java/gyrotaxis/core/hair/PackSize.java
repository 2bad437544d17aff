package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;

/**
 * A size in which a line is sold.
 *
 * @param loops loops in one pack, in [1, 2400]
 * @param price what one costs, not negative
 */
public record PackSize(int loops, Money price) {
    private static final int MAX_LOOPS = 2400;

    public PackSize {
        Require.inRange(loops, 1, MAX_LOOPS, "loops", "");
        Require.atLeast(0, price.minor(), "price", price.currency().getCurrencyCode());
    }
}
