package gyrotaxis.core.quantity;

/**
 * A figure that is not known exactly, as low, likely and high.
 *
 * @param low what a quick, lucky day gives
 * @param likely what to plan with
 * @param high what a slow day gives
 */
public record Estimate(double low, double likely, double high) {
    public Estimate {
        Require.finite(low, "low", "");
        Require.atLeast(low, likely, "likely", "");
        Require.atLeast(likely, high, "high", "");
    }

    /** A figure known exactly. */
    public static Estimate exactly(double value) {
        return new Estimate(value, value, value);
    }

    /** Both ends taken together, which overstates the spread when the two are independent. */
    public Estimate plus(Estimate other) {
        return new Estimate(low + other.low, likely + other.likely, high + other.high);
    }

    /**
     * The estimate scaled.
     *
     * @param factor no unit, at least 0
     */
    public Estimate times(double factor) {
        Require.atLeast(0, factor, "factor", "");
        return new Estimate(low * factor, likely * factor, high * factor);
    }

    /** The estimate times another, which is not negative: quick days of both together, and slow ones. */
    public Estimate times(Estimate factor) {
        Require.atLeast(0, factor.low, "factor", "");
        return new Estimate(low * factor.low, likely * factor.likely, high * factor.high);
    }
}
