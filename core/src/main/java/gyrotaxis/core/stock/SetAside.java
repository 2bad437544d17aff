package gyrotaxis.core.stock;

import gyrotaxis.core.quantity.Require;
import java.util.UUID;

/**
 * Hair that lies on the shelf for one plan and for nobody else.
 *
 * @param loops how many, at least 1
 */
public record SetAside(UUID forWhom, LineId line, String colour, int loops) {
    public SetAside {
        Require.atLeast(1, loops, "loops", "loops");
    }
}
