package gyrotaxis.core.stock;

import gyrotaxis.core.quantity.Require;
import java.time.LocalDate;
import java.util.UUID;

/**
 * Hair that somebody will need.
 *
 * @param forWhom the plan it is for
 * @param by the day on which it is prepared, or worked if nothing is prepared
 * @param loops how many, what is kept for fills included, at least 0
 */
public record Need(UUID forWhom, LocalDate by, LineId line, String colour, int loops) {
    public Need {
        Require.atLeast(0, loops, "loops", "loops");
    }
}
