package gyrotaxis.core.stock;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.quantity.Require;

/**
 * A line, and how it can be had.
 *
 * @param supplier who sells it; may be empty
 * @param leadDays days from the order to the door, in [0, {@link #MAX_DAYS}]
 */
public record Sold(LineId id, HairLine line, String supplier, int leadDays) {
    public static final int MAX_DAYS = 60;

    public Sold {
        Require.inRange(leadDays, 0, MAX_DAYS, "leadDays", "d");
    }
}
