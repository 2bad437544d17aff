package gyrotaxis.core.findings;

import java.util.function.BooleanSupplier;

/**
 * How much trying of remedies somebody waits for. Each costs a plan; a head with dozens of changes that find no place has dozens of remedies.
 *
 * @param most how many are tried, at least 1
 * @param mayGoOn asked before each one; once it says no, no further one is begun
 */
public record TrialBudget(int most, BooleanSupplier mayGoOn) {
    /** As many as are tried without being asked for. Plans that are thought over have fewer. */
    public static final int USUAL = 24;

    public TrialBudget {
        if (most < 1) {
            throw new IllegalArgumentException("at least one is tried");
        }
    }

    /** A budget of a number alone. */
    public static TrialBudget of(int most) {
        return new TrialBudget(most, () -> true);
    }

    /** All of them, for however long that takes. */
    public static TrialBudget unlimited() {
        return of(Integer.MAX_VALUE);
    }
}
