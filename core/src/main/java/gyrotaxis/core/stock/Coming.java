package gyrotaxis.core.stock;

import gyrotaxis.core.quantity.Require;
import java.time.LocalDate;

/**
 * Hair that was ordered and is not here.
 *
 * @param loops how many, at least 0
 * @param by the day that was promised
 */
public record Coming(LineId line, String colour, int loops, LocalDate by) {
    public Coming {
        Require.atLeast(0, loops, "loops", "loops");
    }
}
