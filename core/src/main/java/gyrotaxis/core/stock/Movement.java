package gyrotaxis.core.stock;

import gyrotaxis.core.quantity.Require;

/**
 * Something came, or went.
 *
 * @param amount in the good's smallest measure; more than 0 if it came, less if it went
 */
public record Movement(StockItem good, MovementReason why, long amount) {
    /** More than this of anything no studio holds. */
    public static final long MAX = 100_000_000;

    public Movement {
        Require.inRange((double) amount, -MAX, MAX, "amount", "");
        if (!why.allows(amount)) {
            throw new IllegalArgumentException("amount is " + amount + " but cannot be when it is " + why.words());
        }
    }
}
