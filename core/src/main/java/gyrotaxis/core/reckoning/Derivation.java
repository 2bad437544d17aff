package gyrotaxis.core.reckoning;

import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import java.util.List;

/**
 * How one figure of a plan comes about.
 *
 * @param figure which
 * @param steps what it is reckoned from, one after the other; at least one
 */
public record Derivation(Figure figure, List<Sentence> steps) {
    /** What is reckoned. */
    public enum Figure {
        SHARES,
        LOOPS,
        PACKS,
        COST,
        WEIGHT,
        MINUTES,
        BULK,
        HEAVIEST_ROW,
        LOOSE_ENDS
    }

    public Derivation {
        steps = Require.notEmpty(List.copyOf(steps), "steps");
    }
}
